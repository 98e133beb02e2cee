import { expect, test } from '@playwright/test'
import { readFileSync } from 'node:fs'
import { bringIn, lookAt, newTree, signIn, saved } from './actions'

const file = 'core/tests/Gedcom/files/isles-551.ged'

test('a file comes in with a report, is drawn, printed and written out again', async ({ page }) => {
  await signIn(page)
  const tree = await newTree(page, 'From a file')
  await page.getByRole('button', { name: 'Bring a file in' }).click()
  await page.waitForURL(/exchange$/)
  await bringIn(page, { name: 'isles.ged', buffer: readFileSync(file) })
  const report = page.getByRole('article').filter({ hasText: 'isles.ged' }).last()
  await expect(report.getByRole('row', { name: 'People 3 0 3' })).toBeVisible()
  await expect(report.getByRole('row', { name: 'Families 1 0 1' })).toBeVisible()
  await expect(report.getByRole('row', { name: 'Events and facts 4 0 4' })).toBeVisible()
  await expect(report).toContainText('1 line kept as it stands, and odd')
  await expect(report).toContainText('CHIL @I9@')

  const out = await page.request.get(tree.replace('/t/', '/api/trees/') + '/exchange/export?version=5.5.1')
  const said = await out.text()
  for (const line of [
    '1 NAME Keziah "Hezzy" /Osk/',
    '2 DATE @#DJULIAN@ 10 FEB 1731/32',
    '1 _UID 123',
    '5 CONT at Hask @@ home',
  ]) {
    expect(said).toContain(line)
  }

  const written = await saved(page, () =>
    page.getByRole('button', { name: 'Export version 7', exact: true }).click(),
  )
  expect(written.toString()).toContain('1 NAME Keziah "Hezzy" /Osk/')
  await expect(page.getByRole('complementary', { name: 'Export' })).toContainText('It is written.')
  await expect(page.getByRole('link', { name: /^Save / })).toBeVisible()

  await page.goto(`${tree}/people`)
  await page.getByRole('row', { name: /Tarrel, \?/ }).click()
  await page.getByRole('link', { name: 'Draw', exact: true }).click()
  await expect(page.getByRole('link', { name: /^Ewan Tarrel/ })).toBeVisible()
  // Of whom nothing is known that says they died counts as living: who they are comes before a file.
  await page.getByRole('button', { name: 'Save as a file' }).click()
  await expect(page.getByRole('list', { name: 'The living' })).toContainText('Tarrel')
  for (const [format, start] of [
    ['SVG', '<?xml'],
    ['PDF', '%PDF'],
  ] as const) {
    const drawn = await saved(page, () => page.getByRole('link', { name: format, exact: true }).click())
    expect(drawn.toString('latin1').startsWith(start)).toBe(true)
  }

  await page.goto(`${tree}/reports/family`)
  await page.getByRole('link', { name: /Ewan Tarrel and Keziah/ }).click()
  const sheet = page.getByRole('article')
  await expect(sheet).toContainText('Parish book')
  await expect(sheet.getByRole('link', { name: '1', exact: true })).toHaveAttribute('href', '#note-1')
  await page.getByRole('button', { name: 'Save as a file' }).click()
  const printed = await saved(page, () => page.getByRole('link', { name: 'PDF', exact: true }).click())
  expect(printed.toString('latin1').startsWith('%PDF')).toBe(true)
})

test('what is no such file is refused in words and leaves nothing', async ({ page }) => {
  await signIn(page)
  const tree = await newTree(page, 'Nothing comes in')
  await page.goto(`${tree}/exchange`)
  await lookAt(page, { name: 'letter.ged', buffer: Buffer.from('Dear cousin,\n') })
  await expect(page.getByText(/letter.ged: This is not a GEDCOM file/)).toBeVisible()
  await page.goto(`${tree}/people`)
  await expect(page.getByText('Here everybody in this tree will stand')).toBeVisible()
})

test('the same file a second time is noticed', async ({ page }) => {
  await signIn(page)
  const tree = await newTree(page, 'Twice')
  await page.goto(`${tree}/exchange`)
  await bringIn(page, { name: 'isles.ged', buffer: readFileSync(file) })
  await expect(page.getByRole('row', { name: 'People 3 0 3' })).toBeVisible()
  const look = await lookAt(page, { name: 'copy.ged', buffer: readFileSync(file) })
  await expect(look).toContainText('brought into this tree before, as isles.ged')
  await look.getByRole('button', { name: 'Cancel' }).click()
  await expect(look).toBeHidden()
  await bringIn(page, { name: 'copy.ged', buffer: readFileSync(file) })
  await expect(page.getByRole('row', { name: 'People 3 3 6' })).toBeVisible()
})

test('a file is looked at, its letters are chosen, and one person of it comes in with their kin, by keys alone', async ({
  page,
}) => {
  await signIn(page)
  const tree = await newTree(page, 'A part')
  await page.goto(`${tree}/exchange`)
  const text =
    '0 HEAD\n1 GEDC\n2 VERS 5.5.1\n1 CHAR UTF-8\n0 @I1@ INDI\n1 NAME J\u00f6rg /Tarrel/\n0 @I2@ INDI\n1 NAME Una /Osk/\n' +
    '0 @I3@ INDI\n1 NAME Somebody /Else/\n0 @F1@ FAM\n1 HUSB @I1@\n1 WIFE @I2@\n0 TRLR\n'
  const look = await lookAt(page, { name: 'windows.ged', buffer: Buffer.from(text, 'latin1') })
  await expect(look).toContainText('Which of these reads right?')
  await expect(look.getByRole('button', { name: 'Bring it in' })).toBeDisabled()
  await look.getByRole('radio', { name: /Windows, western/ }).focus()
  await page.keyboard.press('Space')
  await look.getByRole('radio', { name: /all 3 people/ }).focus()
  await page.keyboard.press('ArrowDown')
  await expect(look).toContainText('Choose the person first.')
  await look.getByRole('combobox', { name: 'Name of the person in the file' }).focus()
  await page.keyboard.type('osk')
  await expect(look.getByRole('option', { name: 'Una Osk' })).toBeVisible()
  await page.keyboard.press('Enter')
  await expect(look.getByRole('button', { name: 'Change' })).toBeFocused()
  await expect(look.getByRole('button', { name: 'Bring it in' })).toBeEnabled()
  await look.getByRole('button', { name: 'Bring it in' }).focus()
  await page.keyboard.press('Enter')
  const report = page.getByRole('article').filter({ hasText: 'windows.ged' }).last()
  await expect(report).toContainText('A part of the file: 1 person of it')
  await page.goto(`${tree}/people`)
  await expect(page.getByRole('row', { name: /Tarrel, J\u00f6rg/ })).toBeVisible()
  await expect(page.getByRole('row', { name: /Osk, Una/ })).toBeVisible()
  await expect(page.getByRole('row', { name: /Else/ })).toHaveCount(0)
})

test('a large file goes up in pieces through the server and can be cancelled', async ({ page }) => {
  await signIn(page)
  const tree = await newTree(page, 'Large')
  await page.goto(`${tree}/exchange`)
  const people = Array.from(
    { length: 130_000 },
    (_, at) =>
      `0 @I${at}@ INDI\n1 NAME Given${at} /Tarrel/\n1 SEX M\n1 BIRT\n2 DATE 1 JAN 1850\n2 PLAC Hask\n`,
  )
  const large = Buffer.from(`0 HEAD\n1 GEDC\n2 VERS 7.0\n${people.join('')}0 TRLR\n`)
  expect(large.length).toBeGreaterThan(8 * 1024 * 1024)
  await lookAt(page, { name: 'large.ged', buffer: large })
  await page.getByRole('button', { name: 'Cancel' }).click({ timeout: 30_000 })
  await expect(
    page
      .locator('#middle')
      .getByText(/large.ged: It was cancelled/)
      .first(),
  ).toBeVisible({ timeout: 60_000 })
  await page.goto(`${tree}/people`)
  await expect(page.getByText('Here everybody in this tree will stand')).toBeVisible()
})

test('a tree stands a second time under another name', async ({ page }) => {
  await signIn(page)
  const tree = await newTree(page, 'Once')
  await page.keyboard.press('a')
  await page.keyboard.type('Ewan Tarrel h b 1847')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('heading', { name: 'Ewan Tarrel' })).toBeVisible()
  await page.goto(`${tree}/tree`)
  await page.getByLabel('A copy of it, called').fill('Once, as it was')
  await page.getByRole('button', { name: 'Copy it' }).click()
  await expect(async () => {
    await page.goto('/trees')
    await expect(page.getByRole('link', { name: /Once, as it was 1 person/ })).toBeVisible({ timeout: 2000 })
  }).toPass()
  await page.getByRole('link', { name: /Once, as it was/ }).click()
  await page.waitForURL(/\/desk$/)
  await page.goto(page.url().replace(/desk$/, 'people'))
  await expect(page.getByRole('row', { name: /Tarrel, Ewan/ })).toBeVisible()
})
