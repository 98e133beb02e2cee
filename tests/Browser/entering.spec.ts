import { expect, test } from '@playwright/test'
import { ask, demoTree, jumpTo, newTree, signIn } from './actions'

type Made = { id: string }

test('what was typed into an open field is offered again, and every field says how to save and how to cancel', async ({
  page,
}) => {
  await signIn(page)
  const tree = await newTree(page, 'Kept drafts')
  const { id } = await ask<Made>(page, 'POST', '/people', { line: 'Ewan Tarrel h b 1847' })
  await page.goto(`${tree}/people/${id}`)
  const margin = page.getByRole('complementary', { name: 'Margin' })
  const fields = ['Another name', 'Something to do', 'A new group or mark', 'Another note']
  for (const field of fields) await margin.getByLabel(field).fill(`words for ${field}`)
  await page.getByRole('button', { name: 'Ewan Tarrel', exact: true }).first().click()
  await page.getByLabel('Name, the surname between slashes if need be').fill('Ewan /Tarrell/')
  await page.goto(`${tree}/desk`)
  await page.goto(`${tree}/people/${id}`)
  for (const field of fields) await expect(margin.getByLabel(field)).toHaveValue(`words for ${field}`)
  await expect(margin.getByRole('button', { name: /^Save/ })).toHaveCount(fields.length)
  await expect(margin.getByRole('button', { name: 'Cancel' })).toHaveCount(fields.length)
  await expect(page.getByLabel('Name, the surname between slashes if need be')).toHaveValue('Ewan /Tarrell/')
  await page.getByRole('button', { name: 'Cancel Esc' }).click()
  await margin.getByRole('button', { name: 'Cancel' }).first().click()
  await expect(margin.getByLabel('Another name')).toHaveValue('')
  await margin.getByRole('button', { name: 'Save Enter' }).first().click()
  await expect(margin.getByText('words for Something to do')).toBeVisible()
  await expect(margin.getByRole('textbox', { name: 'Something to do' })).toHaveValue('')
})

test('the one-line entry reads words, asks about digits in a name, and keeps its help in sight', async ({
  page,
}) => {
  await signIn(page)
  await newTree(page, 'One line')
  await page.keyboard.press('a')
  const line = page.getByLabel('A person', { exact: true })
  await line.fill('Ewan Tarrel 1847')
  await expect(page.getByText('“1847” stands in the name.')).toBeVisible()
  await expect(page.getByText('after the name w woman, h man, x other')).toBeVisible()
  await page.getByRole('button', { name: 'Born 1847?' }).click()
  await expect(line).toHaveValue('Ewan Tarrel b 1847')
  await line.fill('Ewan Tarrel born 14 June 1847 at Hask died 1920')
  await expect(page.getByText(/born 14 Jun 1847 at Hask.*died 1920/)).toBeVisible()
})

test('a partner who was not known is named later in the same couple, and a child asks which couple', async ({
  page,
}) => {
  await signIn(page)
  const tree = await newTree(page, 'Couples')
  const { id } = await ask<Made>(page, 'POST', '/people', { line: 'Wat Drum h b 1840 m 1866' })
  await ask(page, 'POST', `/people/${id}/relatives`, {
    relation: 'partner',
    line: 'Nan Vane w b 1850 m 1872',
  })
  await page.goto(`${tree}/people/${id}`)
  const kin = page.getByRole('region', { name: 'Kin' })
  await kin.getByRole('button', { name: 'a partner not known?' }).click()
  await page.getByLabel('The partner of Wat Drum who was not known').fill('Moll Stair w b 1845')
  await page.keyboard.press('Enter')
  await expect(kin.getByRole('link', { name: 'Moll Stair', exact: true })).toBeVisible()
  await expect(kin.getByText(/^m\. /)).toHaveCount(2)
  await page.keyboard.press('Escape')

  await page.getByRole('button', { name: 'Add a' }).click()
  await page.getByRole('button', { name: /child$/ }).click()
  const couple = page.getByLabel('The couple whose child it is')
  await expect(couple.getByRole('option')).toHaveText([/Moll Stair, 1866/, /Nan Vane, 1872/])
  await couple.selectOption({ label: 'Nan Vane, 1872' })
  await page.getByLabel('Child with Nan Vane', { exact: true }).fill('Kit Drum x b 1875')
  await page.keyboard.press('Enter')
  await expect(kin).toContainText('Nan Vane b. 1850: Kit')
})

test('the records of a known source are offered when it is cited', async ({ page }) => {
  await signIn(page)
  const tree = await newTree(page, 'Cited again')
  const { id } = await ask<Made>(page, 'POST', '/people', { line: 'Wat Drum h b 1840' })
  const source = await ask<Made>(page, 'POST', '/sources', { title: 'Register of St Osmund' })
  const record = await ask<Made & { version: number }>(page, 'POST', `/sources/${source.id}/records`, {
    kind: 'baptism',
    locator: 'baptisms 1840, p. 3',
  })
  expect(record.id).not.toBe('')
  await page.goto(`${tree}/people/${id}`)
  await page
    .getByRole('button', { name: /^Birth/ })
    .first()
    .click()
  await page.getByRole('button', { name: 'Cite a source' }).click()
  await page.getByLabel('Source', { exact: true }).fill('Register of St Osmund')
  await expect(page.getByText('cited 0 times so far')).toBeVisible()
  await expect(page.getByLabel('Page or entry')).toHaveAttribute('list', /records/)
})

test('by mouse: the picture pans and a frame is drawn by buttons, dividers step, drawings zoom', async ({
  page,
}) => {
  await signIn(page)
  const tree = await demoTree(page)
  await page.goto(`${tree}/pictures`)
  await page.getByRole('link', { name: /quay/ }).first().click()
  await expect(page.getByRole('application')).toBeVisible()
  for (const name of ['Pan left', 'Pan up', 'closer', 'draw a frame'])
    await page.getByRole('button', { name }).click()
  const frame = await page.getByRole('application').boundingBox()
  if (!frame) throw new Error('There is no picture.')
  await page.mouse.move(frame.x + 100, frame.y + 100)
  await page.mouse.down()
  await page.mouse.move(frame.x + 220, frame.y + 240, { steps: 4 })
  await page.mouse.up()
  await expect(page.getByRole('region', { name: 'Who is it' })).toBeVisible()

  await page.goto(`${tree}/records`)
  await page.getByLabel('Filter sources by words').fill('census 1881')
  await page.getByText('Census of Marren, 1881').first().click()
  await page.getByRole('link', { name: /sheet 9/ }).click()
  const divider = page.getByRole('separator', { name: 'Between picture and roll' })
  const before = Number(await divider.getAttribute('aria-valuenow'))
  await page.getByRole('button', { name: 'Taller picture' }).click()
  await expect.poll(async () => Number(await divider.getAttribute('aria-valuenow'))).toBeGreaterThan(before)
  await page.getByRole('button', { name: 'Lower picture' }).click()
  await page.keyboard.press('?')
  await expect(page.getByText('On a line: move it up')).toBeVisible()
  await expect(page.getByText('In a cell: carry down what stands above')).toBeVisible()
  await page.keyboard.press('Escape')
  await page.goto(`${tree}/records`)
  await page.getByLabel('Filter sources by words').fill('')
  await page.keyboard.press('Escape')

  await jumpTo(page, 'Ailie Averay')
  await page.getByRole('link', { name: 'Draw', exact: true }).click()
  await page.getByRole('button', { name: 'Closer' }).click()
  await expect(
    page.getByRole('link', { name: /^Ruth Fenwhistle.*parent of Ailie Averay,.* cited/ }),
  ).toBeVisible()
})

test('what is chosen shows by more than its ground, also where colours are forced', async ({ page }) => {
  await signIn(page)
  await demoTree(page)
  await jumpTo(page, 'Magnus Tarrel')
  const fact = page.getByRole('button', { name: /^Occupation, at/ })
  await fact.click()
  await expect(fact).toHaveCSS('box-shadow', /inset/)
  await page.emulateMedia({ forcedColors: 'active' })
  await expect(fact).toHaveCSS('outline-style', 'solid')
  await page.emulateMedia({ forcedColors: 'none' })
  // Two marks of one day: each click is the next of them.
  const strip = page.getByRole('img', { name: /^Life strip/ })
  const box = await strip.boundingBox()
  const mark = await strip.locator('[data-mark=own]').nth(2).boundingBox()
  if (!box || !mark) throw new Error('There is no strip.')
  const chosen = () => new URL(page.url()).searchParams.get('fact')
  for (let click = 0; click < 3; click++) {
    const before = chosen()
    await page.mouse.click(mark.x + mark.width / 2, box.y + 64)
    await expect.poll(chosen).not.toBe(before)
  }
  const child = strip.locator('[data-mark=family]').first()
  const at = await child.boundingBox()
  if (!at) throw new Error('No child is on the strip.')
  await page.mouse.click(at.x + at.width / 2, at.y + 2)
  await expect(page.getByRole('heading', { level: 1, name: /Tarrel/ })).not.toHaveText(/Magnus/)
})
