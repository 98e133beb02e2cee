import { expect, test } from '@playwright/test'
import { newTree, signIn } from './actions'

test('a kind of event of one’s own says what it tells, and is changed for the facts that are there', async ({
  page,
}) => {
  await signIn(page)
  await newTree(page, 'Own kinds')
  await page.getByRole('button', { name: 'Add the first person' }).click()
  await page.getByLabel('A person', { exact: true }).fill('Hew Corran b 1760')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('heading', { name: 'Hew Corran' })).toBeVisible()
  await expect(page.getByText('b. 1760').first()).toBeVisible()

  // By keys: add, an event, a kind of one's own that stands for a death.
  await page.keyboard.press('a')
  await page.keyboard.press('e')
  await page.getByLabel('Kind of fact').selectOption('a kind of one’s own…')
  await page.getByLabel('What the kind is called').fill('Lost at sea')
  await page.getByLabel('stands for a death that nothing tells').press('Space')
  await page.getByRole('button', { name: 'Make the kind' }).press('Enter')
  await expect(page.getByLabel('Kind of fact')).toHaveValue(/-/)
  await page.getByLabel('Date', { exact: true }).fill('1790')
  await page.keyboard.press('Enter')
  await expect(page.getByText('1760–1790').first()).toBeVisible()

  await page.getByRole('link', { name: 'Tree' }).click()
  const kinds = page.getByRole('region', { name: 'Kinds of event of your own' })
  await expect(kinds).toContainText('stands for a death that nothing tells')
  await kinds.getByRole('button', { name: 'Change what Lost at sea says' }).click()
  await kinds.getByLabel('stands for a death that nothing tells').uncheck()
  await kinds.getByRole('button', { name: 'Save' }).click()
  await expect(kinds).not.toContainText('stands for a death')
  await page.goBack()
  await expect(page.getByText('b. 1760').first()).toBeVisible()
  await expect(page.getByText('1760–1790')).toHaveCount(0)
})
