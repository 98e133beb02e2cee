import { expect, test, type Page } from '@playwright/test'
import { ask, demoTree, jumpTo, newTree, saved, signIn } from './actions'

type Made = { id: string }

/** A man with two wives, a brother, a child by each, and the father and sister of the second wife. */
async function family(page: Page) {
  const { id: man } = await ask<Made>(page, 'POST', '/people', { line: 'Gavin Maddern h b 1826 d 1903' })
  const relative = async (of: string, relation: string, line: string) =>
    (await ask<Made>(page, 'POST', `/people/${of}/relatives`, { relation, line })).id
  await relative(man, 'father', 'Rory Maddern h b 1799 d 1861')
  const first = await relative(man, 'partner', 'Effie Ibsley w b 1828 d 1856 m 1850')
  const second = await relative(man, 'partner', 'Nan Drum w b 1832 d 1865 m 1858')
  const father = await relative(second, 'father', 'Wat Drum h b 1801 d 1870')
  await relative(father, 'child', 'Una Drum w b 1835 d 1900')
  return { man, first, second }
}

const box = (page: Page, name: string) => page.getByRole('link', { name: new RegExp(`^${name},`) })

test('a kindred drawing of a man, his two wives and their kin is built, changed by hand, saved, and opened with the tree of later', async ({
  page,
}) => {
  await signIn(page)
  const tree = await newTree(page, 'For the wall')
  const { man, first } = await family(page)
  await page.goto(`${tree}/drawings`)
  await page.getByLabel('Kind of drawing').selectOption('Kindred')
  for (const name of ['Gavin Maddern', 'Effie Ibsley', 'Nan Drum']) {
    await page.getByRole('button', { name: /^(Choose somebody|And somebody else)$/ }).click()
    await page.getByRole('combobox', { name: 'Whom to draw' }).fill(name)
    await page.getByRole('option', { name: new RegExp(name) }).click()
  }
  await page.getByRole('button', { name: 'Draw', exact: true }).click()
  await expect(
    page.getByRole('heading', { name: 'Kindred of Gavin Maddern, Effie Ibsley, Nan Drum' }),
  ).toBeVisible()
  await expect(box(page, 'Una Drum')).toBeVisible()
  await expect(box(page, 'Nan Drum')).toHaveAttribute('aria-label', /partner of Gavin Maddern/)

  await box(page, 'Una Drum').press('h')
  await expect(box(page, 'Una Drum')).toHaveCount(0)
  await expect(page.getByRole('link', { name: /^Wat Drum: 1 child hidden/ })).toBeVisible()
  await page.getByRole('button', { name: 'Undo the last step' }).click()
  await box(page, 'Una Drum').press('h')
  await expect(page.getByRole('button', { name: 'Show the 1 hidden' })).toBeVisible()

  const rory = box(page, 'Rory Maddern').locator('rect').first()
  const from = Number(await rory.getAttribute('x'))
  await box(page, 'Rory Maddern').press('Alt+Shift+ArrowRight')
  await expect.poll(async () => Number(await rory.getAttribute('x'))).toBeCloseTo(from + 40, 0)
  await page.getByRole('button', { name: 'Note', exact: true }).click()
  await page.getByLabel('Note beside Rory Maddern').fill('Split slate at the quay')
  await page.keyboard.press('Enter')
  await expect(page.getByText('Split slate at the quay')).toBeVisible()

  await page.getByRole('button', { name: 'Save the drawing' }).click()
  await page.getByLabel('Name of the drawing').fill('Maddern and Drum')
  await page.keyboard.press('Enter')
  await page.waitForURL(/drawings\/saved\//)
  await expect(page.getByText('Nobody came or went since it was saved.')).toBeVisible()

  const { id: child } = await ask<Made>(page, 'POST', `/people/${man}/relatives`, {
    relation: 'child',
    line: 'Oonagh Maddern w b 1852 d 1930',
    unionId: (await ask<{ unions: Made[] }>(page, 'GET', `/people/${first}`)).unions[0]?.id,
  })
  expect(child).not.toBe('')
  await page.goto(`${tree}/drawings`)
  await page.getByRole('link', { name: /Maddern and Drum/ }).click()
  await expect(page.getByText('Since it was saved: Oonagh Maddern came.')).toBeVisible()
  await expect(page.getByText('Split slate at the quay')).toBeVisible()
  await expect(box(page, 'Una Drum')).toHaveCount(0)
  await box(page, 'Rory Maddern').focus()
  await expect(page.getByRole('button', { name: 'Restore its place' })).toBeVisible()
  await expect(box(page, 'Oonagh Maddern')).toBeVisible()

  const pdf = await saved(page, () => page.getByRole('link', { name: 'PDF' }).click())
  expect(pdf.subarray(0, 4).toString()).toBe('%PDF')
  const sheets = await saved(page, () => page.getByRole('link', { name: 'on A4 sheets' }).click())
  expect(sheets.subarray(0, 4).toString()).toBe('%PDF')
  expect(sheets.equals(pdf)).toBe(false)
  await page.getByRole('button', { name: /^As a list/ }).click()
  await expect(page.getByRole('list', { name: /^Kindred of/ }).getByRole('listitem')).toHaveCount(6)
})

test('a box is moved by mouse, somebody is found, and a frame is zoomed to', async ({ page }) => {
  await signIn(page)
  await demoTree(page)
  await jumpTo(page, 'Ailie')
  await page.keyboard.press('d')
  await page.waitForURL(/drawings/)
  const sander = box(page, 'Sander Fenwhistle')
  const rect = sander.locator('rect').first()
  const before = Number(await rect.getAttribute('y'))
  const at = await sander.boundingBox()
  if (!at) throw new Error('The box is not on the screen.')
  await page.mouse.move(at.x + 20, at.y + 10)
  await page.mouse.down()
  await page.mouse.move(at.x + 20, at.y + 60, { steps: 4 })
  await page.mouse.up()
  await expect.poll(async () => Math.abs(Number(await rect.getAttribute('y')) - before)).toBeGreaterThan(20)

  const paper = page.locator('svg[role=group] > g')
  const fitted = await paper.getAttribute('transform')
  await page.getByLabel('Find in the drawing').fill('keziah')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('group', { name: 'The box of Keziah Osk' })).toBeVisible()
  await expect(paper).not.toHaveAttribute('transform', fitted ?? '')
  await page.getByRole('button', { name: 'Fit the drawing' }).click()
  await page.keyboard.down('Shift')
  await page.mouse.move(300, 400)
  await page.mouse.down()
  await page.mouse.move(600, 600, { steps: 4 })
  await page.mouse.up()
  await page.keyboard.up('Shift')
  await expect(paper).not.toHaveAttribute('transform', fitted ?? '')
})

test('how two are related is asked in the jump field, on a person and of two who are picked', async ({
  page,
}) => {
  await signIn(page)
  const tree = await demoTree(page)
  await page.getByRole('combobox', { name: /Jump/ }).fill('Magnus Tarrel to Ailie Averay')
  await page
    .getByRole('option', { name: /Magnus Tarrel to Ailie Averay/ })
    .first()
    .click()
  await page.waitForURL(/kind=path/)
  const related = page.getByRole('region', { name: 'How they are related' })
  await expect(related).toContainText(/Ailie Averay is the .*great-granddaughter of Magnus Tarrel, \d+ path/)
  await related
    .getByText(/is the/)
    .first()
    .click()
  await expect(related.getByRole('link', { name: 'Ruth Fenwhistle' }).first()).toBeVisible()
  await expect(box(page, 'Ruth Fenwhistle')).toBeVisible()

  await jumpTo(page, 'Ada Tarrel')
  await page.keyboard.press('r')
  await page.getByRole('combobox', { name: 'Related to whom' }).fill('Moll Stair')
  await page.getByRole('option', { name: /Moll Stair/ }).waitFor()
  await page.keyboard.press('Enter')
  await expect(related).toContainText(/Ada Tarrel is the daughter of Moll Stair/)

  await page.goto(`${tree}/people`)
  const rows = page.getByRole('grid', { name: 'People' })
  await expect(rows.getByRole('row', { name: /Averay, Ailie/ }).first()).toBeVisible()
  await rows.focus()
  await page.keyboard.press('ArrowDown')
  await page.keyboard.press('Space')
  await page.keyboard.press('ArrowDown')
  await page.keyboard.press('Space')
  await expect(page.getByText('2 chosen:')).toBeVisible()
  await page.getByRole('button', { name: /^How they are related/ }).click()
  await page.waitForURL(/kind=path/)
  await expect(related).toBeVisible()
})

test('a drawing has a title of its own, portraits, and a picture and a note where there is room', async ({
  page,
}) => {
  await signIn(page)
  await demoTree(page)
  await jumpTo(page, 'Ewan Tarrel 1847')
  // The pictures of a demo are made ready behind the scenes.
  const id = /people\/([0-9a-f-]+)/.exec(page.url())?.[1] ?? ''
  const state = async () =>
    (await ask<{ pictures: { state: string }[] }>(page, 'GET', `/people/${id}/pictures`)).pictures[0]?.state
  await expect.poll(state, { timeout: 120_000 }).toBe('ready')
  await page.keyboard.press('d')
  const ewan = page.getByRole('link', { name: /^Ewan Tarrel, born 30 Jul 1847/ })
  await expect(ewan).toBeVisible()
  await expect(page.getByRole('link', { name: /^Magnus Tarrel.*1 question/ })).toBeVisible()
  await page.getByLabel('Portraits').check()
  await expect(ewan.locator('image')).toHaveCount(1)

  await ewan.click()
  await page.getByRole('button', { name: 'Picture', exact: true }).click()
  await page.getByRole('button', { name: /keeper, about 1890/ }).click()
  const picture = page.getByRole('img', { name: /^A picture set on the drawing/ })
  await expect(picture).toBeVisible()
  const [before, box] = [await picture.boundingBox(), await ewan.boundingBox()]
  const isBeside = (from: 'x' | 'y', size: 'width' | 'height') =>
    before !== null &&
    box !== null &&
    (before[from] + before[size] <= box[from] || before[from] >= box[from] + box[size])
  expect(isBeside('x', 'width') || isBeside('y', 'height')).toBe(true)
  await picture.focus()
  await page.keyboard.press('Alt+ArrowRight')
  await expect.poll(async () => (await picture.boundingBox())?.x).toBeGreaterThan(before?.x ?? Infinity)

  await page.getByTitle('Change the title').click()
  await page.getByLabel(/^Title of the drawing/).fill('The keeper and those before him')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('heading', { name: 'The keeper and those before him' })).toBeVisible()
  await page.getByRole('button', { name: 'Undo the last step' }).click()
  await expect(page.getByRole('heading', { name: 'Ancestors of Ewan Tarrel' })).toBeVisible()
  await ewan.click()
  await page.getByRole('button', { name: 'Remove the picture' }).click()
  await expect(picture).toHaveCount(0)
})
