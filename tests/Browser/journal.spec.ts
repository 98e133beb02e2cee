import { expect, test } from '@playwright/test'
import { ask, newTree, signIn } from './actions'

test('what was changed stands side by side in the journal, a value and a person are put back, and steps are undone as a list', async ({
  page,
}) => {
  await signIn(page)
  const tree = await newTree(page, 'Journal of Hask')
  const wat = await ask<{ id: string }>(page, 'POST', '/people', {
    line: 'Wat Sallow h b 1811 Kirkhaven d 1880',
  })
  await page.goto(`${tree}/people/${wat.id}`)
  await expect(page.getByRole('region', { name: 'Facts' })).toBeVisible()

  // A birth is changed with a reason that is offered again for the next.
  await page.keyboard.press('j')
  await expect(page.getByRole('heading', { name: 'Birth 1811' })).toBeVisible()
  await expect(async () => {
    await page.keyboard.press('c')
    await expect(page.getByLabel('Date')).toBeVisible({ timeout: 1000 })
  }).toPass()
  await page.getByLabel('Date').fill('1812')
  await page.getByLabel('Why you change it').fill('The register was read anew.')
  await page.keyboard.press('Enter')
  await expect(page.getByText('1812').first()).toBeVisible()

  await page.goto(`${tree}/journal`)
  await expect(page.getByText(/, by hand, (one change|\d+ changes)$/).first()).toBeVisible()
  await page.getByRole('button', { name: /^Changed a fact: birth/ }).click()
  const margin = page.getByRole('complementary', { name: 'In hand' })
  await expect(margin.locator('del')).toHaveText('1811')
  await expect(margin.locator('ins')).toHaveText('1812')
  await expect(margin.getByText('The register was read anew.')).toBeVisible()
  await margin.getByRole('button', { name: 'Restore “1811”' }).click()
  await expect(page.getByText('Restored a value', { exact: false }).first()).toBeVisible()

  // What goes is told first; what was deleted waits, and comes back whole.
  await margin.getByRole('link', { name: 'Wat Sallow' }).click()
  await page.getByRole('button', { name: 'Delete this person' }).click()
  await expect(page.getByText(/With (them|him|her) go 2 facts/)).toBeVisible()
  await page.getByRole('button', { name: 'Delete', exact: true }).click()
  await page.goto(`${tree}/journal/deleted`)
  await page.getByRole('button', { name: 'Restore Wat Sallow' }).click()
  await expect(page.getByText('Nothing was deleted that is not there again.', { exact: false })).toBeVisible()

  // Down the list in one step, and up again.
  await page.goto(`${tree}/journal?field=dates`)
  await expect(page.getByRole('button', { name: /^Changed a fact: birth/ })).toBeVisible()
  await expect(page.getByRole('button', { name: /^Entered Wat Sallow/ })).toHaveCount(0)
  await page.getByRole('button', { name: 'Undo down to here: Changed a fact: birth' }).click()
  await expect(page.getByRole('button', { name: 'Redo down to here: Changed a fact: birth' })).toBeVisible()
  await page.getByRole('button', { name: 'Redo down to here: Changed a fact: birth' }).click()
  await expect(page.getByRole('button', { name: 'Undo down to here: Changed a fact: birth' })).toBeVisible()
})
