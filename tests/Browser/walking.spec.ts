import { expect, test, type Page } from '@playwright/test'
import { ask, demoTree, jumpTo, newTree, signIn } from './actions'

const inHand = (page: Page) =>
  page.getByRole('complementary', { name: 'Margin' }).getByRole('heading').first()

test('the tree is walked up, down and across by keys, with the same person in hand', async ({ page }) => {
  await signIn(page)
  await demoTree(page)
  await jumpTo(page, 'Ailie Averay')
  // Three generations unfold from the kin strip, and fold again.
  await page.keyboard.press('p')
  const small = page.getByRole('treegrid', { name: 'Three generations' })
  await expect(small.getByRole('row', { name: /^Ruth Fenwhistle/ })).toBeVisible()
  await page.keyboard.press('p')
  await expect(small).toBeHidden()

  await page.keyboard.press('3')
  const up = page.getByRole('treegrid', { name: 'Line up' })
  await expect(up).toBeFocused()
  await expect(inHand(page)).toHaveText('Ailie Averay')
  for (const [key, who] of [
    ['ArrowRight', 'Martin Averay'],
    ['ArrowDown', 'Ruth Fenwhistle'],
    ['ArrowRight', 'Sander Fenwhistle'],
    ['ArrowRight', 'Jonas Fenwhistle'],
    ['ArrowDown', 'Ruth Averay'],
    ['ArrowUp', 'Jonas Fenwhistle'],
    ['ArrowRight', 'James Fenwhistle'],
    // Past the last column the line walks on.
    ['ArrowRight', 'John Fenwhistle'],
  ] as const) {
    await page.keyboard.press(key)
    await expect(inHand(page)).toHaveText(who)
  }
  await expect(page.getByRole('heading', { name: /^Ancestors of/ })).toHaveText(
    'Ancestors of Ruth Fenwhistle',
  )

  await page.keyboard.press('4')
  const down = page.getByRole('treegrid', { name: 'Line down' })
  await expect(down).toBeFocused()
  await expect(page.getByRole('heading', { name: 'Descendants of John Fenwhistle' })).toBeVisible()
  await expect(inHand(page)).toHaveText('John Fenwhistle')
  await page.keyboard.press('ArrowRight')
  await expect(inHand(page)).toHaveText('Una Quillan')
  await page.keyboard.press('e')
  await expect(down.getByRole('row', { name: /Ailie Averay/ })).toBeVisible()
  await page.keyboard.press('e')
  await expect(down.getByRole('row', { name: /Ailie Averay/ })).toHaveCount(0)

  // Across: the couple of whoever is in hand, and the other of the two.
  await page.keyboard.press('2')
  const couples = page.getByRole('grid', { name: 'Couples' })
  await expect(couples).toBeFocused()
  await expect(inHand(page)).toHaveText('Una Quillan')
  await expect(couples.getByRole('row', { selected: true })).toContainText('John Fenwhistle')
  await page.keyboard.press('ArrowLeft')
  await expect(inHand(page)).toHaveText('John Fenwhistle')

  await page.keyboard.press('1')
  await expect(page.getByRole('grid', { name: 'People' })).toBeFocused()
  await expect(inHand(page)).toHaveText('John Fenwhistle')
  const second = page.waitForEvent('popup')
  await page.keyboard.press('Shift+Enter')
  await expect((await second).getByRole('heading', { name: 'John Fenwhistle' })).toBeVisible()
  await page.keyboard.press('Enter')
  await expect(page).toHaveTitle(/^John Fenwhistle/)
})

test('relatives are added from a line in place, and shown there; an undo takes them away', async ({
  page,
}) => {
  await signIn(page)
  const tree = await newTree(page, 'Walking')
  const made = (await ask(page, 'POST', '/people', { line: 'Ewan Tarrel h b 1847' })) as { id: string }
  await page.goto(`${tree}/people/up/${made.id}`)
  const up = page.getByRole('treegrid', { name: 'Line up' })
  await expect(inHand(page)).toHaveText('Ewan Tarrel')
  await up.focus()
  await page.keyboard.press('a')
  await page.keyboard.press('f')
  await page.getByLabel('Father of Ewan Tarrel', { exact: true }).fill('Magnus Tarrel h b 1818')
  await page.keyboard.press('Enter')
  await expect(up.getByRole('row', { name: /Magnus Tarrel/ })).toBeVisible()
  // The line goes on to the mother; by mouse the gap would do it.
  await page.getByLabel('Mother of Ewan Tarrel', { exact: true }).fill('Jean Penhask w b 1824')
  await page.keyboard.press('Enter')
  await expect(up.getByRole('row', { name: /Jean Penhask/ })).toBeVisible()
  await up.getByRole('button', { name: 'Add the mother of Magnus Tarrel' }).click()
  await expect(inHand(page)).toHaveText('Magnus Tarrel')
  await page.getByLabel('Mother of Magnus Tarrel', { exact: true }).fill('Isbel Maddern w')
  await page.keyboard.press('Enter')
  await expect(up.getByRole('row', { name: /Isbel Maddern/ })).toBeVisible()
  await up.focus()
  await page.keyboard.press('U')
  await expect(up.getByRole('row', { name: /Isbel Maddern/ })).toHaveCount(0)

  await up.getByRole('row', { name: /Ewan Tarrel/ }).click()
  await page.keyboard.press('4')
  await page.keyboard.press('a')
  await page.keyboard.press('c')
  await page.getByLabel('Child of Ewan Tarrel', { exact: true }).fill('Ada Tarrel w b 1894')
  await page.keyboard.press('Enter')
  await expect(
    page.getByRole('treegrid', { name: 'Line down' }).getByRole('row', { name: /Ada Tarrel/ }),
  ).toBeVisible()
})

test('couples are sorted both ways and narrowed; columns and dividers move by keys and stay', async ({
  page,
}) => {
  await signIn(page)
  const tree = await demoTree(page)
  await page.goto(`${tree}/people/couples`)
  const couples = page.getByRole('grid', { name: 'Couples' })
  const first = couples.getByRole('row').nth(1)
  await expect(first).toContainText('Averay')
  const children = couples.getByRole('columnheader', { name: 'Children' })
  await children.getByRole('button').click()
  await expect(children).toHaveAttribute('aria-sort', 'ascending')
  await children.getByRole('button').click()
  await expect(children).toHaveAttribute('aria-sort', 'descending')
  await expect
    .poll(async () => Number(await first.getByRole('gridcell').last().innerText()))
    .toBeGreaterThan(5)
  await page.getByLabel('Only those without').selectOption('a date')
  await expect(page.getByText(/^\d+ of \d+$/)).not.toHaveText(/^(\d+) of \1$/)

  const edge = couples.getByRole('separator', { name: 'Width of Married' })
  const width = Number(await edge.getAttribute('aria-valuenow'))
  await edge.focus()
  await page.keyboard.press('ArrowRight')
  await expect(edge).toHaveAttribute('aria-valuenow', String(width + 16))
  const divider = page.getByRole('separator', { name: /^Divider/ })
  const share = Number(await divider.getAttribute('aria-valuenow'))
  await divider.focus()
  for (let step = 0; step < 2; step++) await page.keyboard.press('ArrowLeft')
  await expect.poll(async () => Number(await divider.getAttribute('aria-valuenow'))).toBeLessThan(share)
  const moved = Number(await divider.getAttribute('aria-valuenow'))
  await page.reload()
  await expect(edge).toHaveAttribute('aria-valuenow', String(width + 16))
  await expect.poll(async () => Number(await divider.getAttribute('aria-valuenow'))).toBeCloseTo(moved, 0)
  await expect(children).toHaveAttribute('aria-sort', 'descending')
  await page.evaluate(() => localStorage.clear())
})

test('everybody is told what they are to somebody, as a column and as a list of kin', async ({ page }) => {
  await signIn(page)
  const tree = await demoTree(page)
  await page.goto(`${tree}/people`)
  await page.getByRole('button', { name: 'Ailie Averay', exact: true }).click()
  const people = page.getByRole('grid', { name: 'People' })
  await expect(people.getByRole('columnheader', { name: 'Is to them' })).toBeVisible()
  await expect(people.getByRole('row', { name: /Averay, Martin/ })).toContainText('father')
  await page.getByRole('button', { name: 'Only their kin' }).click()
  await expect(page.getByLabel('Only those who are')).toHaveValue('kin')
  await expect(people.getByRole('row', { name: /Averay, Alec/ })).toHaveCount(0)
  await page.getByRole('button', { name: 'Hide this column' }).click()
  await expect(people.getByRole('columnheader', { name: 'Is to them' })).toHaveCount(0)
})
