import { expect, test } from '@playwright/test'
import { ask, demoTree, signIn } from './actions'

type Lines = { rows: { id: string; personId: string; state: string }[] }

test('three births of one keeper are weighed, decided and printed, and a fourth claim opens the question again', async ({
  page,
}) => {
  await signIn(page)
  const tree = await demoTree(page)
  await page.getByRole('link', { name: /Magnus Tarrel .* has conflicting births/ }).click()
  await expect(page.getByRole('heading', { name: 'When was Magnus Tarrel born?' })).toBeVisible()

  // The register, the service book and the certificate stand side by side, and are looked at by key.
  const stylus = page.getByRole('slider')
  await expect(page.getByRole('listitem').filter({ hasText: 'Service Books of the Keepers' })).toBeVisible()
  await expect(page.getByRole('listitem').filter({ hasText: 'Civil Registration, Deaths' })).toBeVisible()
  await page.keyboard.press('4')
  await expect(stylus).toHaveAttribute('aria-valuetext', '1817')
  await expect(page.getByRole('listitem', { name: '3 May 1818: strong; contradicts' })).toBeVisible()
  await page.keyboard.press('ArrowRight')
  await expect(stylus).not.toHaveAttribute('aria-valuetext', '1817')
  await page.keyboard.press('1')
  await expect(stylus).toHaveAttribute('aria-valuetext', '3 May 1818')
  await expect(page.getByRole('listitem', { name: '1817: slight; contradicts' })).toBeVisible()

  // The reason is begun from what each says; Enter decides.
  const why = page.getByLabel('Why', { exact: true })
  await expect(why).toHaveValue(/^3 May 1818 is told by .*cannot be true with it\.$/s)
  await why.focus()
  await page.keyboard.press('End')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('heading', { name: 'Decided' })).toBeVisible()
  await expect(page.getByText('Concluded: 3 May 1818')).toBeVisible()

  const download = page.waitForEvent('download')
  await page.getByRole('link', { name: 'PDF' }).click()
  expect((await download).suggestedFilename()).toMatch(/\.pdf$/)

  // A fourth claim that cannot be true with it opens the question again, and says what has changed.
  const questions = await ask<Lines>(page, 'GET', '/questions')
  const question = questions.rows.find((row) => page.url().endsWith(row.id))
  await ask(page, 'POST', `/people/${question?.personId}/facts`, { kind: 'birth', date: '1816' })
  await page.goto(`${tree}/desk`)
  await expect(page.getByText(/It was decided, and then: .*1816/)).toBeVisible()
  await page.getByRole('link', { name: /Magnus Tarrel .* has conflicting births/ }).click()
  await expect(page.getByRole('alert')).toContainText('Open again.')
  await expect(page.getByRole('button', { name: 'Decide' })).toBeVisible()

  // Both are taken back, so that the demo is as it was.
  await ask(page, 'POST', '/journal/undo')
  await ask(page, 'POST', '/journal/undo')
  const after = await ask<Lines>(page, 'GET', '/questions')
  expect(after.rows.find((row) => row.id === question?.id)?.state).toBe('open')
})
