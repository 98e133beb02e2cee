import { expect, test, type Page } from '@playwright/test'
import { newTree, signIn } from './actions'

test('words wait for a place, become one, and the place is told in its time', async ({ page }) => {
  await signIn(page)
  const tree = await newTree(page, 'Gazetteer')
  await page.keyboard.press('a')
  await page.keyboard.type('Ewan Tarrel h b 10 Feb 1731 Hask Light, Hask, Marren Isles')
  await page.keyboard.press('Enter')
  const facts = page.getByRole('region', { name: 'Facts' })
  await facts.getByRole('button', { name: /Birth/ }).click()
  const margin = page.getByRole('complementary', { name: 'Margin' })
  await expect(margin).toContainText('Both stand until a source says')

  await page.goto(`${tree}/places`)
  await expect(page.getByText('Place names not linked yet')).toBeVisible()
  await page.getByRole('button', { name: 'Add it as a place' }).click()
  await expect(page.getByText('Every place name is linked.')).toBeVisible()
  await page.getByRole('option', { name: /^Marren Isles/ }).click()
  await expect(page.getByRole('heading', { name: 'Marren Isles' })).toBeVisible()

  // How the isles wrote their dates settles the year of a birth on Hask.
  await page.getByRole('button', { name: 'Say how dates are read' }).click()
  await page.getByLabel('Calendar').selectOption('JULIAN')
  await page.getByLabel('First day of the year').selectOption('25 March')
  await page.getByLabel('Last day so reckoned').fill('31 December 1752')
  await page.getByRole('button', { name: 'Save' }).click()
  await expect(page.getByText('Julian, the year from 25 March, until 31 December 1752')).toBeVisible()
  await page.getByRole('link', { name: 'Ewan Tarrel' }).last().click()
  await expect(facts).toContainText('10 Feb 1731/2')

  await page.goto(`${tree}/places`)
  await page.getByRole('option', { name: /^Hask in/ }).click()
  await page.getByRole('button', { name: 'Another name' }).click()
  await page.getByLabel('Its other name').fill('Haskoy')
  await page.getByLabel('Until when').fill('1700')
  await page.getByRole('button', { name: 'Save' }).click()
  await expect(page.getByRole('region', { name: 'In its time' })).toContainText('called Haskoy until 1700')
  await page.keyboard.press('U')
  await expect(page.getByRole('region', { name: 'In its time' })).not.toContainText('Haskoy')
})

test('a place says what it was understood as while it is typed', async ({ page }) => {
  await signIn(page)
  const tree = await newTree(page, 'Understood places')
  await page.goto(`${tree}/places`)
  await page.getByRole('button', { name: 'Add the first place' }).click()
  await page.getByLabel('What the place is called').fill('Kirkhaven')
  await page.getByRole('button', { name: 'Add', exact: true }).click()
  await expect(page.getByRole('heading', { name: 'Kirkhaven' })).toBeVisible()
  await page.goto(`${tree}/people`)
  await page.getByRole('button', { name: 'Add the first person' }).click()
  await page.getByLabel('A person', { exact: true }).fill('Jean Osk w')
  await page.keyboard.press('Enter')
  await page.getByRole('button', { name: 'Add a birth' }).click()
  await page.getByLabel('Place').fill('Crab Stairs, Kirkhaven')
  await expect(page.getByText('Kirkhaven; “Crab Stairs” is kept')).toBeVisible()
  await page.getByLabel('Place').fill('the Skerrin shore')
  await expect(page.getByText('not linked to a place yet')).toBeVisible()
})

/** Chooses, and waits until the choice is kept. */
async function choose(page: Page, label: string, value: string) {
  const kept = page.waitForResponse(
    (answer) =>
      answer.url().endsWith('/account/reading') &&
      answer.request().postDataJSON() !== null &&
      Object.values(answer.request().postDataJSON() as object).includes(value),
  )
  await page.getByLabel(label).selectOption(value)
  expect((await kept).ok()).toBe(true)
}

test('somebody reads names and dates in their own way', async ({ page }) => {
  await signIn(page)
  const tree = await newTree(page, 'Readers')
  await page.keyboard.press('a')
  await page.keyboard.type('Marion Tarrel w b 14 June 1851 Hask')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('heading', { name: 'Marion Tarrel' })).toBeVisible()
  const person = page.url()
  await page.goto('/account')
  await choose(page, 'Names begin with', 'surname')
  await choose(page, 'Surnames are', 'yes')
  await choose(page, 'Dates are', 'iso')
  await expect(page.getByLabel('Dates are')).toHaveValue('iso')
  await page.goto(person)
  await expect(page.getByRole('heading', { name: 'TARREL Marion' })).toBeVisible()
  await expect(page.getByRole('region', { name: 'Facts' })).toContainText('1851-06-14')
  await page.goto('/account')
  await choose(page, 'Names begin with', 'given')
  await choose(page, 'Surnames are', 'no')
  await choose(page, 'Dates are', 'short')
  await expect(page.getByLabel('Dates are')).toHaveValue('short')
  await page.goto(`${tree}/people`)
  await expect(page.getByRole('row', { name: /Tarrel, Marion/ })).toBeVisible()

  // A sum with dates is answered where one jumps from.
  await page.keyboard.press('/')
  await page.keyboard.type('= 3 May 1891 - 72y 10m 19d')
  await expect(page.getByRole('option', { name: /Sunday, 14 Jun 1818/ })).toBeVisible()
})
