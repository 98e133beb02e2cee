import { expect, test } from '@playwright/test'
import { ask, demoTree, jumpTo, signIn } from './actions'

test('everybody is numbered from an ancestor, in the index and on the page, and found by the number', async ({
  page,
}) => {
  await signIn(page)
  const tree = await demoTree(page)
  await page.goto(`${tree}/people`)
  await page.getByRole('button', { name: 'Number everybody' }).click()
  const form = page.getByRole('form', { name: 'Number everybody' })
  await expect(form.getByLabel('By which system')).toBeFocused()
  await form.getByRole('button', { name: 'Begin anew' }).click()
  await form.getByRole('combobox', { name: 'Whom it begins with' }).fill('Magnus Tarrel 1695')
  await expect(page.getByRole('option', { name: /Magnus Tarrel about 1695/ })).toBeVisible()
  await page.keyboard.press('Enter')
  await form.getByRole('button', { name: /Save/ }).click()
  await expect(page.getByText('Numbered by d’Aboville from Magnus Tarrel.')).toBeVisible()
  await page.getByRole('button', { name: 'Only who is numbered' }).click()
  const rows = page.getByRole('grid', { name: 'People' }).getByRole('row')
  await expect(rows.nth(1)).toContainText('Tarrel, Magnus')
  await expect(rows.nth(2)).toContainText('1.1')
  await expect(rows.nth(2)).toContainText('Tarrel, Ewan')

  await jumpTo(page, '1.1.1')
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Magnus Tarrel')
  await expect(page.getByTitle('1.1.1 in the line')).toBeVisible()

  await page.goto(`${tree}/people`)
  await page.getByRole('button', { name: 'Other numbers' }).click()
  await form.getByLabel('By which system').selectOption('Ancestors')
  await form.getByRole('button', { name: /Save/ }).click()
  await expect(page.getByText('Numbered by Ancestors from Magnus Tarrel.')).toBeVisible()
  await page.getByRole('button', { name: 'No numbers' }).click()
  await expect(page.getByRole('button', { name: 'Number everybody' })).toBeVisible()
})

test('a report is saved with its options and its paper, opened again, changed and deleted', async ({
  page,
}) => {
  await signIn(page)
  await demoTree(page)
  await jumpTo(page, 'Magnus Tarrel')
  await page.keyboard.press('t')
  await page.getByRole('link', { name: 'Register style', exact: true }).click()
  await page.getByLabel('Generations').selectOption('2')
  await page.getByLabel('Paper').selectOption('Letter')
  await page.getByRole('button', { name: 'Save the report' }).click()
  await page.getByLabel('Name of the report').fill('Two generations')
  await page.keyboard.press('Enter')
  const nav = page.getByRole('navigation', { name: 'Kinds of report' })
  await expect(nav.getByRole('link', { name: 'Two generations' })).toHaveAttribute('aria-current', 'page')

  await nav.getByRole('link', { name: 'Findings' }).click()
  await nav.getByRole('link', { name: 'Two generations' }).click()
  await expect(page.getByLabel('Generations')).toHaveValue('2')
  await expect(page.getByLabel('Paper')).toHaveValue('Letter')
  await expect(page.getByRole('article')).not.toContainText('Generation 3')
  await page.getByLabel('Generations').selectOption('3')
  await expect(page.getByText('It was changed since it was saved.')).toBeVisible()
  await page.getByRole('button', { name: 'Save what was changed' }).click()
  await page.getByLabel('Name of the report').press('Enter')
  await expect(page.getByText('It was changed since it was saved.')).toBeHidden()

  await page.getByRole('button', { name: 'Delete', exact: true }).click()
  await page.getByRole('alertdialog').getByRole('button', { name: 'Delete' }).click()
  await expect(nav.getByRole('link', { name: 'Two generations' })).toHaveCount(0)
})

test('of a couple and of a place a text is begun where these stand', async ({ page }) => {
  await signIn(page)
  const tree = await demoTree(page)
  await jumpTo(page, 'Sibbie Tarrel')
  await jumpTo(page, 'Magnus Tarrel')
  await page
    .getByRole('link', { name: /Write of both/ })
    .first()
    .click()
  await page.getByLabel('Title').fill('The two of the Stair')
  const text = page.getByRole('textbox', { name: 'The text' })
  await text.click()
  await page.keyboard.type('They were wed.')
  await page.getByRole('button', { name: 'Save', exact: true }).click()
  await page.waitForURL(/reports\/texts\/[0-9a-f-]{36}/)
  await jumpTo(page, 'Elspet Corran')
  await expect(page.getByRole('link', { name: 'The two of the Stair' }).first()).toBeVisible()

  const { rows } = await ask<{ rows: { id: string; name: string }[] }>(page, 'GET', '/places?q=Hask')
  await page.goto(`${tree}/places/${rows.find(({ name }) => name === 'Hask')?.id ?? ''}`)
  await page.getByRole('link', { name: 'Write of this place' }).click()
  await expect(page.getByLabel('Title')).toHaveValue('Hask')
})
