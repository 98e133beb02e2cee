import { execFileSync } from 'node:child_process'
import { copyFileSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { expect, test, type Page } from '@playwright/test'
import { ask, newTree, signIn } from './actions'
import { household, pictureOf, type Household } from './household'

type Made = { id: string }

/** The family as the tree knows it: wed, with all children but the youngest. */
async function known(page: Page, { surname, people, maiden, wed }: Household): Promise<string[]> {
  const born = (at: number) => `b ${people[at]?.born} Hask`
  const [head, wife, ...children] = people.slice(0, 6)
  const one = await ask<Made>(page, 'POST', '/people', { line: `${head?.given} ${surname} h ${born(0)}` })
  const two = await ask<Made>(page, 'POST', `/people/${one.id}/relatives`, {
    relation: 'partner',
    line: `${wife?.given} ${maiden} w ${born(1)} m ${wed} Hask`,
  })
  const ids = [one.id, two.id]
  for (const child of children) {
    const made = await ask<Made>(page, 'POST', `/people/${one.id}/relatives`, {
      relation: 'child',
      line: `${child.given} ${surname} ${child.sex === 'M' ? 'h' : 'w'} b ${child.born} Hask`,
    })
    ids.push(made.id)
  }
  return ids
}

/** The tree as a file, without its head, which carries the time. */
async function exported(page: Page): Promise<string> {
  const text = await ask<string>(page, 'GET', '/exchange/export?living=keep')
  return text.slice(text.indexOf('\n0 @'))
}

type PersonPage = {
  unions: { id: string }[]
  facts: { kind: string; word: string; citations: unknown[] }[]
}

const seed = Number(process.env.NB_SEED ?? Date.now() % 1_000_000)

test('a household of nine is entered from its picture by keyboard, and taken back', async ({ page }) => {
  test.info().annotations.push({ type: 'seed', description: String(seed) })
  console.log(`The household of seed ${seed}; NB_SEED draws it again.`)
  const house = household(seed)
  await signIn(page)
  const tree = await newTree(page, `Household ${seed}`)
  const people = await known(page, house)
  const source = await ask<Made>(page, 'POST', '/sources', { title: 'Census of Marren, 1881' })
  const record = await ask<Made>(page, 'POST', `/sources/${source.id}/records`, { kind: 'census-1881' })
  const picture = await pictureOf(page, house)
  await page.goto(`${tree}/records/table/${record.id}`)
  await page
    .getByLabel('Put a picture on this record')
    .setInputFiles({ name: 'sheet 9.png', mimeType: 'image/png', buffer: picture })
  await expect(page.getByRole('application')).toBeVisible({ timeout: 60_000 })

  // From here on, keys alone. The page's head is open, because nothing is said of it yet.
  await page.getByRole('application').waitFor()
  await expect(page.getByLabel('Census day')).toBeFocused()
  await page.keyboard.type('3 April 1881')
  await page.keyboard.press('Tab')
  await page.keyboard.type('Hask')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('button', { name: /^Line 1/ })).toBeFocused()
  await page.keyboard.press('i')
  await expect(page.getByRole('application')).toBeFocused()
  await page.keyboard.press('+')
  for (let up = 0; up < 3; up++) await page.keyboard.press('ArrowUp')
  await page.keyboard.press('Enter')
  await page.keyboard.press('Escape')
  await page.keyboard.press('Enter')
  for (const [at, one] of house.people.entries()) {
    await expect(page.locator(`#cell-${at}-0`)).toBeFocused()
    await page.keyboard.type(`${one.given} ${at < 7 ? (at === 0 ? house.surname : 'do') : 'Marsh'}`)
    for (const value of [one.role, '', '', String(1880 - one.born), one.sex]) {
      await page.keyboard.press('Tab')
      if (value !== '') await page.keyboard.type(value)
    }
    if (at < 8) await page.keyboard.press('Enter')
  }
  await expect(page.getByLabel('Name, line 7')).toHaveValue(`${house.people[6]?.given} ${house.surname}`)

  // What is typed is held: a reload brings it back.
  await expect(page.getByText(/Held/)).toBeVisible()
  await page.reload()
  await expect(page.getByLabel('Name, line 9')).toHaveValue(/Marsh$/)
  await page.keyboard.press('K')
  await expect(page.getByText(/Saved/)).toBeVisible()
  const before = await exported(page)

  // The two who are no kin are set aside, with a reason.
  await page.keyboard.press('Enter')
  await page.keyboard.press('Escape')
  for (let line = 0; line < 8; line++) await page.keyboard.press('j')
  await expect(page.getByRole('button', { name: /^Line 9/ })).toBeFocused()
  await page.keyboard.press('s')
  await page.keyboard.type('No kin of theirs.')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('button', { name: /^Line 9.*set aside/ })).toBeFocused()
  await page.keyboard.press('k')
  await page.keyboard.press('s')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('button', { name: /^Line 8.*set aside/ })).toBeFocused()
  await expect(page.getByRole('button', { name: /^Line 7.*new/ })).toBeVisible()
  await expect(
    page.getByRole('button', {
      name: new RegExp(`^Line 1.*is ${house.people[0]?.given} ${house.surname}`),
    }),
  ).toBeVisible()
  await page.keyboard.press('t')
  await expect(page.getByLabel(/^Reason for the whole record/)).toHaveValue(/6 lines fit/)
  await page.keyboard.press('End')
  await page.keyboard.type(' One household at one door.')
  await expect(page.getByRole('button', { name: 'Add to the tree' })).toBeEnabled()
  await page.keyboard.press('Enter')
  await expect(page.getByText(/7 placed, 1 of them new, 2 set aside, 8 facts, 2 ties/)).toBeVisible()

  // Six of the tree and one more have their census, the youngest a birth; all cited, and one wedding as before.
  let facts = 0
  for (const id of people) {
    const one = await ask<PersonPage>(page, 'GET', `/people/${id}`)
    const census = one.facts.filter((fact) => fact.kind === 'census')
    expect(census.map((fact) => fact.citations.length)).toEqual([1])
    facts += census.length
    expect(one.facts.filter((fact) => fact.kind === 'marriage').length).toBeLessThan(2)
  }
  const index = await ask<{ rows: { id: string }[] }>(page, 'GET', '/people')
  const youngest = index.rows.find((row) => !people.includes(row.id))
  const made = await ask<PersonPage>(page, 'GET', `/people/${youngest?.id}`)
  expect(made.facts.map((fact) => [fact.kind, fact.citations.length])).toEqual(
    expect.arrayContaining([
      ['census', 1],
      ['birth', 1],
    ]),
  )
  expect(facts + made.facts.length).toBe(8)
  expect((await ask<PersonPage>(page, 'GET', `/people/${people[0]}`)).unions).toHaveLength(1)

  // One undo, and everything is as before.
  await expect(page.getByRole('button', { name: /^Line/ }).first()).toBeVisible()
  await page.keyboard.press('U')
  await expect(page.getByText(/Undone|Undid|Taken back/i).first()).toBeVisible()
  expect(await exported(page)).toBe(before)
})

test('three hundred lines come from a spreadsheet, and only those in view are drawn', async ({ page }) => {
  await signIn(page)
  const tree = await newTree(page, 'Three hundred')
  const source = await ask<Made>(page, 'POST', '/sources', { title: 'Muster' })
  const record = await ask<Made>(page, 'POST', `/sources/${source.id}/records`, { kind: 'census-1881' })
  await page.goto(`${tree}/records/table/${record.id}`)
  await page.keyboard.press('Escape')
  await page.getByLabel('Name, line 1').focus()
  const rows = Array.from(
    { length: 300 },
    (_, at) => `Ewan Tarrel ${at + 1}\tHead\tMar\t\t${20 + (at % 60)}\tM`,
  )
  await page.evaluate((text) => {
    const data = new DataTransfer()
    data.setData('text/plain', text)
    document.activeElement?.dispatchEvent(
      new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true }),
    )
  }, rows.join('\n'))
  await expect(page.getByText(/300 lines/)).toBeVisible()
  expect(await page.getByRole('grid', { name: 'Roll' }).getByRole('textbox').count()).toBeLessThan(500)
  await page.getByRole('grid', { name: 'Roll' }).evaluate((grid) => grid.scrollTo(0, grid.scrollHeight))
  const last = page.getByLabel('Trade, line 300')
  await last.focus()
  await page.keyboard.type('Fowler of the outer stacks')
  await expect(last).toHaveValue('Fowler of the outer stacks')

  // A dead server loses nothing, and neither does a reload.
  await page.route('**/draft', (route) => route.abort())
  await page.keyboard.type(', and crofter')
  await expect(page.getByText(/What you type is held in this browser/)).toBeVisible()
  await page.reload()
  await expect(page.getByText(/What you typed is here again/)).toBeVisible()
  await page.getByRole('grid', { name: 'Roll' }).evaluate((grid) => grid.scrollTo(0, grid.scrollHeight))
  await expect(page.getByLabel('Trade, line 300')).toHaveValue('Fowler of the outer stacks, and crofter')

  // Lines move, go and come back.
  await page.getByRole('button', { name: /^Line 300/ }).focus()
  await page.keyboard.press('Alt+ArrowUp')
  await expect(page.getByLabel('Name, line 299')).toHaveValue('Ewan Tarrel 300')
  await page.keyboard.press('Delete')
  await expect(page.getByText(/299 lines/)).toBeVisible()
  await page.keyboard.press('Control+z')
  await expect(page.getByText(/300 lines/)).toBeVisible()
  await expect(page.getByLabel('Name, line 299')).toHaveValue('Ewan Tarrel 300')
})

test('column heads and cuts stay in sight, a reading is doubted, and a family is called in', async ({
  page,
}) => {
  const folder = mkdtempSync(join(tmpdir(), 'sheet-'))
  const file = join(folder, 'sheet.png')
  execFileSync('vips', ['grey', file, '1200', '800', '--uchar'])
  await signIn(page)
  const tree = await newTree(page, 'Called in')
  const ewan = await ask<Made>(page, 'POST', '/people', { line: 'Ewan Tarrel h b 1845 Hask' })
  await ask(page, 'POST', `/people/${ewan.id}/relatives`, {
    relation: 'partner',
    line: 'Isbel Quillan w b 1847 Hask m 1870',
  })
  const source = await ask<Made>(page, 'POST', '/sources', { title: 'Census of Marren, 1881' })
  const record = await ask<Made>(page, 'POST', `/sources/${source.id}/records`, { kind: 'census-1881' })
  await page.goto(`${tree}/records/table/${record.id}`)
  await page.getByLabel('Put a picture on this record').setInputFiles(file)
  const picture = page.getByRole('application')
  await expect(picture).toBeVisible({ timeout: 30_000 })
  await page.getByLabel('Census day').focus()
  await page.keyboard.press('Escape')

  // The ruler is laid on the heads, kept as such, and goes on to the first line.
  await page.getByRole('button', { name: /^Line 1/ }).focus()
  await page.keyboard.press('i')
  await page.keyboard.press('Enter')
  const laid = page.getByRole('row', { selected: true }).locator('img').first()
  await expect(laid).toBeVisible()
  const before = (await page.getByRole('row', { selected: true }).boundingBox())?.height ?? 0
  await page.keyboard.press('n')
  await expect
    .poll(async () => (await page.getByRole('row', { selected: true }).boundingBox())?.height ?? 0)
    .toBeGreaterThan(before + 8)
  await page.keyboard.press('x')
  await page.keyboard.press('ArrowRight')
  await page.keyboard.press('x')
  await expect(page.getByRole('list', { name: 'Cuts set side by side' }).getByRole('button')).toHaveCount(2)

  // A doubtful reading keeps its alternative beside it.
  await page.keyboard.press('Escape')
  await page.keyboard.press('Enter')
  await page.keyboard.type('Peter Corran / Peter Cowan?')
  await page.keyboard.press('Tab')
  const name = page.getByLabel('Name, line 1, doubtful')
  await expect(name).toHaveValue('Peter Corran')
  await expect(name).toHaveAttribute('title', 'Doubtful; it may read Peter Cowan')

  // Two people are called in; what stands there was kept first.
  await page.keyboard.press('Escape')
  await page.keyboard.press('m')
  await page.keyboard.type('Ewan Tarrel')
  await expect(page.getByRole('option', { name: /Ewan Tarrel/ })).toBeVisible()
  await page.keyboard.press('Enter')
  const isbel = page.getByRole('checkbox', { name: 'Isbel Quillan' })
  await expect(isbel).toBeVisible()
  await isbel.focus()
  await page.keyboard.press('Space')
  await page.getByRole('button', { name: 'Call these 2 in' }).focus()
  await page.keyboard.press('Enter')
  await expect(page.getByText(/3 lines/)).toBeVisible()
  await expect(page.getByLabel('Name, line 2')).toHaveAttribute('placeholder', 'Ewan Tarrel, to be read')
  await expect(page.getByLabel('Name, line 1, doubtful')).toHaveValue('Peter Corran')
  await page.reload()
  await expect(page.getByRole('list', { name: 'Cuts set side by side' }).getByRole('button')).toHaveCount(2)
  rmSync(folder, { recursive: true })
})

test('a picture of forty megapixels comes in and opens in tiles', async ({ page }) => {
  const folder = mkdtempSync(join(tmpdir(), 'page-'))
  const file = join(folder, 'broadsheet.tif')
  execFileSync('vips', ['grey', `${file}[compression=none]`, '8000', '5000', '--uchar'])
  await signIn(page)
  const tree = await newTree(page, 'Broadsheet')
  const source = await ask<Made>(page, 'POST', '/sources', { title: 'Kirkhaven Packet' })
  const record = await ask<Made>(page, 'POST', `/sources/${source.id}/records`, { kind: 'obituary' })
  await page.goto(`${tree}/records/table/${record.id}`)
  let tiles = 0
  page.on('response', (answer) => {
    if (answer.url().includes('/tiles/')) tiles++
  })
  const picker = page.getByLabel('Put a picture on this record')
  await picker.setInputFiles(file)
  await expect(page.getByRole('application')).toBeVisible({ timeout: 120_000 })
  await page.getByRole('application').focus()
  for (let closer = 0; closer < 12; closer++) await page.keyboard.press('+')
  await expect.poll(() => tiles).toBeGreaterThan(3)
  await page.waitForLoadState('networkidle')
  // Its largest size alone is 160 tiles; what is in sight is a few of each size.
  expect(tiles).toBeLessThan(90)

  // The same file under another name is noticed, and what is no picture is refused.
  const again = join(folder, 'copy of it.tif')
  copyFileSync(file, again)
  await picker.setInputFiles(again)
  await expect(page.getByText(/This very file is on the record already/)).toBeVisible()
  const words = join(folder, 'words.jpg')
  writeFileSync(words, 'no picture at all')
  await picker.setInputFiles(words)
  await expect(
    page.getByText(/“words.jpg” is neither JPEG, PNG, TIFF, WebP nor PDF by its content/),
  ).toBeVisible()
  rmSync(folder, { recursive: true })
})
