import { expect, test } from '@playwright/test'
import { demoTree, jumpTo, newTree, signIn } from './actions'

async function enter(page: import('@playwright/test').Page, line: string) {
  await page
    .getByRole('button', { name: /^Add (a|the first) person/ })
    .first()
    .click()
  await page.getByLabel('A person', { exact: true }).fill(line)
  await page.keyboard.press('Enter')
  await page.waitForURL(/people\/[0-9a-f-]{36}/)
  await expect(page.getByRole('region', { name: 'Facts' })).toBeVisible()
}

test('a child is moved to other parents, after it is told what that changes', async ({ page }) => {
  await signIn(page)
  const tree = await newTree(page, 'Ties')
  await enter(page, 'Bran Drum h m 1848 Little Orran')
  await page.goto(`${tree}/people`)
  await enter(page, 'Magnus Tarrel h b 1820')
  await page.getByRole('button', { name: /^Add a/ }).click()
  await page.keyboard.press('c')
  await page.getByLabel(/^Child/).fill('Kit Tarrel b 1850')
  await page.keyboard.press('Enter')
  const kin = page.getByRole('region', { name: 'Kin' })
  await expect(kin).toContainText('Kit')
  await page.keyboard.press('Escape')
  await kin.getByRole('link', { name: 'Kit' }).click()
  await expect(page.getByRole('heading', { name: 'Kit Tarrel' })).toBeVisible()

  await kin.getByRole('button', { name: 'Relationship' }).click()
  await kin.getByRole('button', { name: 'Move' }).click()
  await page.getByRole('combobox', { name: 'To the parents' }).fill('drum')
  await page.getByRole('option', { name: /Bran Drum/ }).click()
  await expect(
    kin.getByText('Kit Tarrel leaves Magnus Tarrel and becomes a child of Bran Drum.'),
  ).toBeVisible()
  await kin.getByRole('button', { name: 'Move', exact: true }).last().click()
  await expect(kin.getByRole('link', { name: 'Bran Drum' })).toBeVisible()
  await page.getByRole('heading', { name: 'Kit Tarrel' }).hover()
  await page.keyboard.press('U')
  await expect(kin.getByRole('link', { name: 'Magnus Tarrel' })).toBeVisible()
})

test('a couple that is ruled out stays with why, counts nowhere, and can be let stand again', async ({
  page,
}) => {
  await signIn(page)
  await newTree(page, 'Standings')
  await enter(page, 'Magnus Tarrel h b 1820')
  await page.getByRole('button', { name: /^Add a/ }).click()
  await page.keyboard.press('p')
  await page.getByLabel(/^Partner/).fill('Senara Vane w b 1822')
  await page.keyboard.press('Enter')
  const kin = page.getByRole('region', { name: 'Kin' })
  await expect(kin.getByRole('link', { name: 'Senara Vane', exact: true })).toBeVisible()
  await page.keyboard.press('Escape')

  await kin.getByRole('button', { name: 'Relationship' }).last().click()
  await kin.getByRole('button', { name: 'Call it a rival' }).click()
  await expect(kin.getByText('only said to be')).toBeAttached()
  await kin.getByRole('button', { name: 'Rule it out' }).click()
  await kin.getByLabel('Why the couple is ruled out').fill('She wed his cousin.')
  await page.keyboard.press('Enter')
  await expect(kin).toContainText('a partner not known')
  await expect(kin).toContainText(/Senara Vane.*ruled out/)
  await expect(kin).toContainText('Ruled out: She wed his cousin.')

  await kin.getByRole('link', { name: 'Senara Vane', exact: true }).click()
  await expect(page.getByRole('heading', { name: 'Senara Vane', exact: true })).toBeVisible()
  await expect(kin).toContainText(/Magnus Tarrel.*ruled out/)
  await kin.getByRole('button', { name: 'Relationship' }).last().click()
  await kin.getByRole('button', { name: 'Accept that they were a couple' }).click()
  await expect(kin).not.toContainText('ruled out')
})

test('names, notes, tasks, groups and marks are written where they stand', async ({ page }) => {
  await signIn(page)
  await newTree(page, 'Belongings')
  await enter(page, 'Nan Osk w b 1820 d 1890')
  const margin = page.getByRole('complementary', { name: 'Margin' })
  await margin.getByLabel('Another name', { exact: true }).fill('Nan Drum')
  await margin.getByLabel('Kind of the new name').selectOption('married')
  await margin.getByLabel('Another name', { exact: true }).press('Enter')
  await expect(margin.getByRole('button', { name: 'Nan Drum' })).toBeVisible()
  await expect(
    margin.getByRole('region', { name: 'Names' }).getByText('married name', { exact: true }).first(),
  ).toBeVisible()

  await margin.getByLabel('Another note').fill('Kept bees.')
  await margin.getByRole('button', { name: 'Save Ctrl+Enter' }).click()
  await expect(margin.getByText('Kept bees.')).toBeVisible()

  await margin.getByLabel('Something to do').fill('Find the burial.')
  await margin.getByLabel('Something to do').press('Enter')
  await margin.getByLabel('Find the burial.').click()
  await expect(margin.getByLabel('Find the burial.')).toBeChecked()

  await margin.getByLabel('A new group or mark').fill('Look again')
  await margin.getByLabel('Group, or the colour of a mark').selectOption('ochre')
  await margin.getByLabel('A new group or mark').press('Enter')
  await expect(margin.getByRole('img', { name: 'yellow mark' })).toBeVisible()
  await expect(margin.getByText('1 member')).toBeVisible()
})

test('a card says who somebody is, and the family is folded in by a key', async ({ page }) => {
  await signIn(page)
  await demoTree(page)
  await jumpTo(page, 'Magnus Tarrel')
  await page.getByRole('region', { name: 'Kin' }).getByRole('link').first().focus()
  await expect(page.getByText(/^no\. \d+, /)).toBeVisible()
  await page.keyboard.press('Escape')
  await page.getByRole('heading', { level: 1 }).hover()
  await page.keyboard.press('v')
  await expect(
    page
      .getByRole('region', { name: 'Facts' })
      .getByText(/(Son|Daughter) \w+ (born|christened|baptised)/)
      .first(),
  ).toBeVisible()
})

test('each parent is something of their own to the child, and the union tells its wedding', async ({
  page,
}) => {
  await signIn(page)
  await newTree(page, 'Parents apart')
  await enter(page, 'Moses Kirk h b 1850 Kirkhaven')
  const kin = page.getByRole('region', { name: 'Kin' })
  await kin.getByRole('button', { name: 'father?' }).click()
  await page.getByLabel(/^Father of/).fill('Donal Quillan h b 1820 d 1840')
  await page.keyboard.press('Enter')
  await page.getByLabel(/^Mother of/).fill('Lilias Maddern w b 1825 m 3 May 1849 Kirkhaven')
  await page.keyboard.press('Enter')
  await expect(kin.getByRole('link', { name: 'Lilias Maddern' })).toBeVisible()
  await kin.getByRole('button', { name: 'Relationship' }).click()
  await kin.getByLabel('What Donal Quillan is').selectOption('recognised')
  await expect(kin.getByLabel('What Donal Quillan is')).toHaveValue('recognised')
  await expect(kin.getByLabel('What Lilias Maddern is')).toHaveValue('birth')
  await kin.getByLabel('Years of the tie to Donal Quillan').fill('from 1852')
  await kin.getByLabel('Years of the tie to Donal Quillan').press('Enter')
  await page.reload()
  await kin.getByRole('button', { name: 'Relationship' }).click()
  await expect(kin.getByLabel('Years of the tie to Donal Quillan')).toHaveValue('from 1852')

  await kin.getByRole('link', { name: 'Lilias Maddern' }).click()
  await expect(page.getByRole('heading', { name: 'Lilias Maddern' })).toBeVisible()
  await kin.getByRole('button', { name: 'Relationship' }).first().click()
  await expect(kin.getByText(/At the wedding:/)).toContainText('Lilias Maddern had not been married before')
  await kin.getByLabel('What surname children of this couple are offered').selectOption('patronymic nordic')
  await expect(kin.getByLabel('What surname children of this couple are offered')).toHaveValue(
    'patronymic nordic',
  )
  await kin.getByRole('button', { name: 'Add child' }).click()
  await expect(page.getByText('Donalsson')).toBeVisible()
  await page.getByLabel(/^Child with/).pressSequentially('Kirsty /w ')
  await expect(page.getByLabel(/^Child with/)).toHaveValue('Kirsty Donalsdotter w ')
})
