import { expect, test } from '@playwright/test'
import { demoTree, jumpTo, signIn } from './actions'

test('what can be chosen of a report and a drawing stands above it, in its address and in its file', async ({
  page,
}) => {
  await signIn(page)
  await demoTree(page)
  await page.getByRole('link', { name: 'Reports' }).click()
  await page.getByLabel('Filter couples by name').fill('Moll')
  await page.getByRole('link', { name: /Ewan Tarrel and Moll Stair/ }).click()
  const sheet = page.getByRole('article')
  await expect(sheet).toContainText('Sources')
  await page.getByLabel('Source notes').press('Space')
  await expect(page).toHaveURL(/notes=no/)
  await expect(sheet.locator('sup')).toHaveCount(0)
  await expect(page.getByRole('link', { name: 'PDF' })).toHaveAttribute('href', /notes=no/)
  await page.reload()
  await expect(page.getByLabel('Source notes')).not.toBeChecked()

  // What a report of another kind is about is chosen where that is.
  await page.getByLabel(/^Report/).selectOption('Record transcript')
  await expect(page.getByText('Open the record from')).toBeVisible()

  await jumpTo(page, 'Ailie')
  await page.keyboard.press('d')
  await page.waitForURL(/drawings/)
  await expect(page.getByRole('link', { name: /Ewan Tarrel/ }).first()).toBeVisible()
  await page.getByLabel('Generations').selectOption('2')
  await expect(page.getByRole('link', { name: /^Ewan Tarrel/ })).toHaveCount(0)
  // Somebody living is drawn: who they are comes before the files.
  await page.getByRole('button', { name: 'Save as a file' }).click()
  await expect(page.getByRole('list', { name: 'The living' })).toContainText('Ailie Averay')
  await expect(page.getByRole('link', { name: 'SVG' })).toHaveAttribute('href', /generations=2/)
  // The words that lead on are a link of their own.
  await page
    .getByRole('link', { name: /^Ruth Fenwhistle: 2 parents not drawn, bring them in/ })
    .press('Enter')
  await expect(page.getByRole('link', { name: /^Sander Fenwhistle/ }).first()).toBeVisible()
  await page.getByRole('link', { name: /^Ruth Fenwhistle,/ }).press('d')
  await expect(page.getByRole('heading', { name: 'Ancestors of Ruth Fenwhistle' })).toBeVisible()
  await page.getByLabel(/^Drawn/).selectOption('Descendants')
  await expect(page.getByRole('heading', { name: 'Descendants of Ruth Fenwhistle' })).toBeVisible()
})

test('a record is printed from where it stands', async ({ page }) => {
  await signIn(page)
  await demoTree(page)
  await page.getByRole('link', { name: 'Records' }).click()
  await page.getByLabel('Filter sources by words').fill('census 1881')
  await page.getByText(/^1 of/).waitFor()
  await page.getByText('Census of Marren, 1881').first().click()
  await page.getByRole('link', { name: /sheet 9/ }).click()
  await page.getByRole('link', { name: 'Print' }).click()
  await expect(page.getByRole('article')).toContainText('Taken for')
  await page.getByLabel('Taken for').uncheck()
  await expect(page.getByRole('article')).not.toContainText('Taken for')
})
