import { expect, test } from '@playwright/test'
import { ask, lookAt, newTree, signIn } from './actions'

type Made = { id: string }

const FILE = [
  '0 HEAD',
  '1 GEDC',
  '2 VERS 7.0',
  '0 @I1@ INDI',
  '1 NAME Keziah /Ibsley/',
  '1 SEX F',
  '1 BIRT',
  '2 DATE 4 MAR 1851',
  '2 PLAC Tolsay',
  '1 DEAT',
  '2 DATE 9 NOV 1921',
  '0 @I2@ INDI',
  '1 NAME Jabez /Corran/',
  '0 TRLR',
].join('\n')

test('a place that was entered twice is joined where it stands, by keys alone, and taken apart', async ({
  page,
}) => {
  await signIn(page)
  const tree = await newTree(page, 'Hask twice')
  const hask = await ask<Made>(page, 'POST', '/places', { name: 'Hask', kind: 'isle' })
  await ask(page, 'POST', '/places', { name: 'Haske Isle' })
  await page.goto(`${tree}/places/${hask.id}`)
  const same = page.getByRole('region', { name: 'The same place' })
  await expect(same.getByRole('button', { name: 'Join with another place' })).toBeVisible()

  await page.keyboard.press('b')
  await expect(page.getByRole('combobox', { name: 'Which place is the same' })).toBeFocused()
  await page.keyboard.type('haske')
  const offered = page.getByRole('listbox', { name: 'Which place is the same' })
  await expect(offered.getByRole('option', { name: 'Haske Isle' })).toBeVisible()
  await page.keyboard.press('Enter')
  const plan = page.getByRole('form', { name: 'Join' })
  await expect(plan.getByRole('row', { name: 'Name Hask Haske Isle' })).toBeVisible()
  await expect(page.getByRole('button', { name: 'Join them' })).toBeFocused()
  await page.keyboard.press('Enter')

  await expect(same.getByText(/^Joined the place Haske Isle to Hask/)).toBeVisible()
  await expect(page.getByText('Haske Isle', { exact: true }).first()).toBeVisible()
  const apart = same.getByRole('button', { name: 'Take apart' })
  await apart.focus()
  await page.keyboard.press('Enter')
  await expect(apart).toHaveCount(0)
  await page.goto(`${tree}/places`)
  await expect(page.getByRole('option', { name: /Haske Isle/ })).toBeVisible()
})

test('whoever of a file is here already is ticked, and is one person when the file is in', async ({
  page,
}) => {
  await signIn(page)
  const tree = await newTree(page, 'Here already')
  for (const year of [1801, 1811, 1821, 1831, 1841, 1851, 1861, 1871]) {
    await ask(page, 'POST', '/people', { line: `Ewan Tarrel h b ${year} Slatequay` })
  }
  const keziah = await ask<Made>(page, 'POST', '/people', { line: 'Keziah Ibsley w b 4 Mar 1851 Tolsay' })
  await page.goto(`${tree}/exchange`)
  await lookAt(page, { name: 'ibsley.ged', buffer: Buffer.from(FILE) })
  await expect(page.getByText('1 person of the file.')).toBeVisible()
  await page.getByRole('checkbox', { name: /Keziah Ibsley 1851–1921/ }).check()
  await expect(page.getByText('1 ticked')).toBeVisible()
  await page.getByRole('button', { name: 'Bring it in' }).click()
  await expect(page.getByText('1 person was joined to who was here.')).toBeVisible()

  await page.goto(`${tree}/people/${keziah.id}`)
  await expect(page.getByRole('region', { name: 'Facts' })).toContainText('9 Nov 1921')
  await page.goto(`${tree}/people`)
  await expect(page.getByRole('row', { name: /Ibsley/ })).toHaveCount(1)
})

test('those who are picked in the list of people are compared side by side, up to four', async ({ page }) => {
  await signIn(page)
  const tree = await newTree(page, 'Three of one name')
  for (const line of [
    'Ewan Tarrel h b 1790 Hask',
    'Ewan Tarrel h b 1821 Hask',
    'Ewan Tarrel h b 1822 Slatequay',
  ]) {
    await ask(page, 'POST', '/people', { line })
  }
  await page.goto(`${tree}/people`)
  await expect(page.getByRole('row', { name: /Tarrel, Ewan/ })).toHaveCount(3)
  await page.getByRole('grid').focus()
  for (let row = 0; row < 3; row++) {
    await page.keyboard.press(' ')
    await page.keyboard.press('ArrowDown')
  }
  await expect(page.getByText('3 chosen:')).toBeVisible()
  await page.keyboard.press('b')
  await expect(
    page.getByRole('table', { name: 'Side by side' }).getByRole('columnheader', { name: /^Ewan Tarrel/ }),
  ).toHaveCount(3)
  await expect(page.getByText(/^No. \d and no. \d:/)).toHaveCount(3)
})
