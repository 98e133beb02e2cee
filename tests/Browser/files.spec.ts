import { expect, test } from '@playwright/test'
import { bringIn, newTree, signIn } from './actions'

const file = [
  ...['0 HEAD', '1 GEDC', '2 VERS 5.5.1', '1 CHAR UTF-8'],
  ...[
    '0 @I1@ INDI',
    '1 NAME Ewan /Tarrel/',
    '2 NOTE spelt so by himself',
    '1 RESN confidential',
    '1 BIRT',
    '2 DATE 1847',
    '2 CAUS a gale',
  ],
  ...[
    '2 SOUR Letter of an aunt',
    '3 TEXT she says so',
    '1 DEAT',
    '1 ASSO @I2@',
    '2 RELA godfather',
    '0 @I2@ INDI',
    '1 NAME Una /Osk/',
    '0 TRLR',
    '',
  ],
].join('\n')

test('what a file restricts, cites in words, does not assert and has no field for stands on the person', async ({
  page,
}) => {
  await signIn(page)
  const tree = await newTree(page, 'Kept')
  await page.goto(`${tree}/exchange`)
  await bringIn(page, { name: 'kept.ged', buffer: Buffer.from(file) })
  const report = page.getByRole('article').filter({ hasText: 'kept.ged' }).last()
  await report.getByText('have no field here').press('Enter')
  await expect(report.getByRole('row', { name: /With ASSO 1 on the page of the person/ })).toBeVisible()

  await page.goto(`${tree}/people`)
  await page.getByRole('row', { name: /Tarrel, Ewan/ }).dblclick()
  await expect(page.getByRole('heading', { name: 'Ewan Tarrel' })).toBeVisible()
  const also = page.getByRole('region', { name: 'Also in the file' })
  await expect(also).toContainText('With: Una Osk (as: godfather)')
  await expect(also).toContainText('Name, note: spelt so by himself')
  await also.getByText('as its lines stand there').press('Enter')
  await expect(also.getByText('1 RELA godfather')).toBeVisible()

  const restriction = page.getByLabel('Restriction of Ewan Tarrel')
  await expect(restriction).toHaveValue('confidential')
  await restriction.selectOption('')
  await expect(page.getByText(/Restricted: withheld/)).toBeHidden()
  await page.reload()
  await expect(restriction).toHaveValue('')

  await page
    .getByRole('button', { name: /^Birth/ })
    .first()
    .press('Enter')
  await expect(page.getByRole('complementary', { name: 'Margin' })).toContainText('Letter of an aunt')
  await expect(page.getByRole('complementary', { name: 'Margin' })).toContainText('Cause: a gale')
})
