import { expect, test } from '@playwright/test'
import { demoTree, jumpTo, saved, signIn } from './actions'

test('what can be chosen of a report and a drawing stands beside it, in its address and in its file', async ({
  page,
}) => {
  await signIn(page)
  await demoTree(page)
  await page.getByRole('link', { name: 'Reports' }).click()
  await page.getByRole('link', { name: 'Family group sheet' }).click()
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
  await page.getByRole('link', { name: 'Record transcript' }).click()
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

test('a report is reached from a person by a key, and whoever it is about stays so from kind to kind', async ({
  page,
}) => {
  await signIn(page)
  await demoTree(page)
  await jumpTo(page, 'Magnus Tarrel')
  await page.getByText('fowler and crofter').waitFor()
  await page.keyboard.press('t')
  const sheet = page.getByRole('article')
  await expect(sheet).toContainText(
    'Magnus was a fowler and crofter at Gannet Stair, Hask, from 1720 to 1755.',
  )
  await page.getByRole('link', { name: 'Register style', exact: true }).click()
  await expect(sheet).toContainText('Children of Magnus Tarrel and Elspet Corran:')
  await expect(sheet).toContainText('Generation 4')
  await page.getByLabel('Generations').selectOption('2')
  await expect(sheet).not.toContainText('Generation 2')

  // A line of both of a couple, and back to one of them.
  await page.getByRole('button', { name: 'With a partner' }).click()
  await page.getByRole('combobox', { name: 'And who else' }).fill('Elspet Corran')
  await page
    .getByRole('option', { name: /Elspet Corran/ })
    .first()
    .click()
  await expect(sheet).toContainText('Descendants of Magnus Tarrel and Elspet Corran')

  // What is of the whole tree needs nobody.
  await page.getByRole('link', { name: 'Statistics' }).click()
  await expect(sheet.getByRole('img', { name: /Births by decade/ })).toBeVisible()
})

test('the living whom a report names are looked at before it is saved, and told one by one', async ({
  page,
}) => {
  await signIn(page)
  await demoTree(page)
  await jumpTo(page, 'Ruth Fenwhistle')
  await page.keyboard.press('t')
  await page.getByRole('link', { name: 'Henry numbers' }).click()
  await page.getByRole('button', { name: 'Save as a file' }).click()
  const living = page.getByRole('list', { name: 'The living' })
  await expect(living).toContainText('Ailie Averay')
  await page.getByLabel('Tell of Ailie Averay in full').check()
  await expect(page.getByText(/tells of 1 in full/)).toBeVisible()
  const kept = await saved(page, () => page.getByRole('link', { name: 'CSV' }).click())
  expect(kept.toString()).toContain('Ailie Averay')
  expect(kept.toString()).not.toContain('Ruth Fenwhistle')
})
