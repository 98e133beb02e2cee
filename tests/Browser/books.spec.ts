import { expect, test, type Page } from '@playwright/test'
import { ask, demoTree, jumpTo, saved, signIn } from './actions'

/** Calls something into the text by words of it. */
async function callIn(page: Page, words: string, told: RegExp) {
  await page.keyboard.type(`/${words}`)
  await expect(
    page.getByRole('listbox', { name: 'Call into the text' }).getByRole('option').first(),
  ).toContainText(told)
  await page.keyboard.press('Enter')
  await expect(page.getByRole('listbox', { name: 'Call into the text' })).toBeHidden()
}

test('a life is written with facts called in, and one that is changed in the tree is marked and renewed', async ({
  page,
}) => {
  await signIn(page)
  const tree = await demoTree(page)
  await jumpTo(page, 'Sibbie Tarrel')
  const person = page.url().split('/people/')[1]?.split('?')[0] ?? ''
  await page.getByRole('link', { name: 'Write of them' }).click()
  const text = page.getByRole('textbox', { name: 'The text' })
  await text.click()
  await page.keyboard.type('Sibbie ')
  await callIn(page, 'birth all', /was born/)
  await page.keyboard.type('. She died ')
  await callIn(page, 'death when', /1990/)
  await page.keyboard.type(' ')
  await callIn(page, 'birth when', /1899/)
  await page.keyboard.type('.')
  // What was typed survives a reload before it is saved.
  await page.reload()
  await expect(text).toContainText('She died in 1990')
  await expect(page.getByLabel('Title')).toHaveValue('Sibbie Tarrel')
  await page.keyboard.press('ControlOrMeta+s')
  await page.waitForURL(/reports\/texts\/[0-9a-f-]{36}/)

  const facts = await ask<{ facts: { fact: string; says: string }[] }>(
    page,
    'GET',
    `/people/${person}/callable`,
  )
  const death = facts.facts.find(({ says }) => says.startsWith('Death'))?.fact ?? ''
  const life = await ask<{ facts: { id: string; version: number }[] }>(page, 'GET', `/people/${person}`)
  const version = life.facts.find(({ id }) => id === death)?.version ?? 1
  await ask(page, 'PATCH', `/facts/${death}`, { date: '4 March 1990', version })
  await page.reload()
  await expect(page.getByRole('button', { name: 'changed: on 4 March 1990' })).toBeVisible()
  await expect(page.getByRole('heading', { name: '1 fact was changed since' })).toBeVisible()
  await page.getByRole('button', { name: 'Renew all of them' }).click()
  await expect(text).toContainText('She died on 4 March 1990')
  await page.getByRole('button', { name: 'Save', exact: true }).click()
  await page.getByRole('link', { name: 'As it will be printed' }).click()
  await expect(page.getByRole('article')).toContainText('She died on 4 March 1990 in 1899.')

  // The text into a book, with a report and a drawing; whoever is living is looked at first, and it is printed.
  await page.goto(`${tree}/reports/books/new`)
  await page.getByLabel('Title', { exact: true }).fill('The Tarrels of Hask')
  await page.getByLabel('A text').selectOption({ label: 'Sibbie Tarrel' })
  await page.getByLabel('A drawing').selectOption({ index: 1 })
  await page.getByRole('button', { name: 'of somebody' }).click()
  await page.getByRole('combobox', { name: 'Whom the report is about' }).fill('Ada Tarrel')
  await page
    .getByRole('listbox')
    .getByRole('option', { name: /Ada Tarrel/ })
    .first()
    .click()
  await expect(page.getByRole('list', { name: 'Chapters' }).getByRole('listitem')).toHaveCount(3)
  await page.getByRole('button', { name: 'Up' }).nth(2).click()
  await page.getByRole('button', { name: 'Save', exact: true }).click()
  const book = page.getByRole('article')
  await expect(book).toContainText('Descendants of Ada Tarrel')
  await expect(book.getByRole('link', { name: 'Index of people' })).toBeVisible()
  await page.getByRole('button', { name: 'Save as a file' }).click()
  await expect(page.getByRole('list', { name: 'The living' })).toContainText('Ruth Fenwhistle')
  const printed = await saved(page, () => page.getByRole('link', { name: 'PDF', exact: true }).click())
  expect(printed.toString('latin1').startsWith('%PDF')).toBe(true)
})

test('an empty tree has no text and no book, and says how one begins', async ({ page }) => {
  await signIn(page)
  const tree = await demoTree(page)
  await page.goto(`${tree}/reports/text`)
  await expect(page.getByRole('link', { name: 'Write a new one' })).toBeVisible()
  await page.goto(`${tree}/reports/book`)
  await page.getByRole('link', { name: 'Put together a new one' }).click()
  await expect(page.getByRole('heading', { name: 'A new book' })).toBeVisible()
  await expect(page.getByRole('button', { name: 'Save', exact: true })).toBeDisabled()
})
