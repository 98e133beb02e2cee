import { expect, test, type Page } from '@playwright/test'
import { ask, demoTree, follow, jumpTo, newTree, signIn, signInAsNewcomer } from './actions'

const focused = (page: Page) =>
  page.evaluate(() => document.activeElement?.getAttribute('aria-label') ?? document.activeElement?.id ?? '')

test('the spine shows whole names in five groups, and initials with names on focus where the window is low', async ({
  page,
}) => {
  await signIn(page)
  await demoTree(page)
  const spine = page.getByRole('navigation', { name: 'Areas' })
  await expect(spine.locator(':scope > div')).toHaveCount(5)
  for (const name of ['Desk', 'Questions', 'Exchange', 'Tree'])
    await expect(spine.getByText(name, { exact: true }).first()).toBeVisible()
  expect(await spine.evaluate((one) => one.scrollHeight <= one.clientHeight)).toBe(true)
  await page.setViewportSize({ width: 1280, height: 690 })
  await expect(spine.getByText('Ex', { exact: true })).toBeVisible()
  await spine.getByRole('link', { name: 'Reports' }).focus()
  await page.keyboard.press('Tab')
  await expect(spine.getByText('Places g l')).toBeVisible()
  await page.keyboard.press('Escape')
  await expect(spine.getByText('Places g l')).toBeHidden()
})

test('letters are announced once, and three typed in a row ask for a name instead of giving commands', async ({
  page,
}) => {
  await page.clock.install()
  await signInAsNewcomer(page)
  const tree = await newTree(page, 'Letters')
  for (const line of ['Una Osk w b 1851', 'Ewan Tarrel h b 1847'])
    await ask(page, 'POST', '/people', { line })
  await page.goto(`${tree}/people`)
  await expect(page.getByText('Letters are commands here: a adds')).toBeVisible()
  await page.getByRole('button', { name: 'Understood' }).click()
  await page.reload()
  await expect(page.getByRole('grid', { name: 'People' })).toBeVisible()
  await expect(page.getByText('Letters are commands here: a adds')).toHaveCount(0)
  // The first of them alone would add, the last would go to the filter.
  await page.getByRole('grid', { name: 'People' }).focus()
  // However busy the machine is, no pause falls between these three.
  await page.clock.pauseAt((await page.evaluate(() => Date.now())) + 1000)
  await page.keyboard.type('osk')
  await expect(page.getByText('Letters are commands here; jump to a name?')).toBeVisible()
  await page.clock.resume()
  await expect(page.getByLabel('A person', { exact: true })).toHaveCount(0)
  await page.keyboard.press('Enter')
  await expect(page.getByRole('combobox', { name: /Jump/ })).toHaveValue('osk')
  await expect(page.getByRole('option', { name: /Una Osk/ })).toBeVisible()
  await page.keyboard.press('Escape')
  // One letter alone is a command still.
  await page.getByRole('grid', { name: 'People' }).focus()
  await page.keyboard.press('a')
  await expect(page.getByLabel('A person', { exact: true })).toBeFocused()
})

test('undo and redo by keys, by the message and by the top line; a bare u does nothing', async ({ page }) => {
  await signIn(page)
  const tree = await newTree(page, 'Steps')
  await ask(page, 'POST', '/people', { line: 'Ewan Tarrel h b 1847' })
  await page.goto(`${tree}/people`)
  const row = page.getByRole('row', { name: /Tarrel, Ewan/ })
  await expect(row).toBeVisible()
  await page.keyboard.press('u')
  await expect(page.getByRole('button', { name: 'Undo: Entered Ewan Tarrel' })).toBeVisible()
  await page.keyboard.press('U')
  await expect(page.getByText('Undid: Entered Ewan Tarrel')).toBeVisible()
  await expect(row).toHaveCount(0)
  await page.keyboard.press('Control+Shift+Z')
  await expect(row).toBeVisible()
  await page.keyboard.press('Control+Z')
  await expect(row).toHaveCount(0)
  await page
    .locator('[data-sonner-toast][data-front=true]')
    .getByRole('button', { name: 'Redo', exact: true })
    .click()
  await expect(row).toBeVisible()
  await page.getByRole('button', { name: 'Undo: Entered Ewan Tarrel' }).click()
  await expect(row).toHaveCount(0)
  await page.getByRole('button', { name: /^Redo: Entered Ewan Tarrel/ }).click()
  await expect(row).toBeVisible()
})

test('an empty tree offers its first steps, and a file dropped on the list of trees gets a tree of its own', async ({
  page,
}) => {
  await signIn(page)
  const tree = await newTree(page, 'First steps')
  await page.goto(`${tree}/desk`)
  const steps = page.getByRole('region', { name: 'First steps' })
  await expect(steps.getByRole('link', { name: 'Bring a GEDCOM file in' })).toBeVisible()
  await expect(steps.getByRole('button', { name: 'Look at the demo' })).toBeVisible()
  await steps.getByRole('link', { name: 'Add the first person' }).click()
  await expect(page.getByLabel('A person', { exact: true })).toBeFocused()

  await page.goto('/trees')
  await expect(
    page.getByRole('link', { name: /First steps 0 people, nothing changed yet; you are its owner/ }),
  ).toBeVisible()
  await page.getByLabel('GEDCOM file for a new tree').setInputFiles({
    name: 'From the quay.ged',
    mimeType: 'text/plain',
    buffer: Buffer.from('0 HEAD\n1 GEDC\n2 VERS 7.0\n0 @I1@ INDI\n1 NAME Nan /Osk/\n0 TRLR\n'),
  })
  await expect(page.getByLabel('A new tree, called')).toHaveValue('From the quay')
  await page.getByRole('button', { name: 'Add it and look at the file' }).click()
  await page.getByRole('button', { name: 'Bring it in' }).click()
  await page.getByRole('link', { name: 'The people of this tree' }).click()
  await expect(page.getByRole('row', { name: /Osk, Nan/ })).toBeVisible()
})

test('filters and the place in a list stay after Back, a reload and a visit elsewhere; nobody found offers the nearest', async ({
  page,
}) => {
  await signIn(page)
  const tree = await demoTree(page)
  await page.goto(`${tree}/people`)
  const rows = page.getByRole('grid', { name: 'People' })
  await expect(page.getByRole('row', { name: /Averay, Alec/ })).toBeVisible()
  await rows.evaluate((one) => (one.scrollTop = 2400))
  await page.waitForTimeout(300)
  const top = () => rows.evaluate((one) => one.scrollTop)
  await page.mouse.dblclick(500, 500)
  await expect(page.getByRole('region', { name: 'Facts' })).toBeVisible()
  await page.goBack()
  await expect.poll(top).toBe(2400)
  await page.reload()
  await expect.poll(top).toBe(2400)
  const filter = page.getByLabel('Filter by name or number')
  await filter.fill('maddern')
  await page.getByLabel('Sex', { exact: true }).selectOption('F')
  await page.getByRole('navigation', { name: 'Areas' }).getByRole('link', { name: 'Desk' }).click()
  await expect(page.getByRole('heading', { name: 'Desk' })).toBeVisible()
  await page.getByRole('navigation', { name: 'Areas' }).getByRole('link', { name: 'People' }).click()
  await expect(filter).toHaveValue('maddern')
  await page.reload()
  await expect(filter).toHaveValue('maddern')
  await expect(page.getByLabel('Sex', { exact: true })).toHaveValue('F')
  await page.getByLabel('Sex', { exact: true }).selectOption('')
  await filter.fill('madern')
  const none = page.getByRole('region', { name: 'Nobody found' })
  await expect(none).toContainText('Nobody is found for “madern”.')
  await expect(none.getByRole('link', { name: /Maddern/ }).first()).toBeVisible()
  await filter.press('Escape')
  await expect(filter).not.toBeFocused()
  await none.getByRole('button', { name: 'Clear the filters' }).click()
  await expect(filter).toHaveValue('')
  for (const [area, words, nearest] of [
    ['places', 'Tolsey', 'Tolsay'],
    ['records', 'registr of St Osmond', 'Register of St Osmund, Tolsay'],
  ] as const) {
    await page.goto(`${tree}/${area}`)
    await page.getByRole('textbox', { name: /^Filter/ }).fill(words)
    const nothing = page.getByRole('region', { name: /^No .* found$/ })
    await expect(nothing).toContainText(`is found for “${words}”.`)
    await nothing.getByRole('link', { name: nearest, exact: true }).click()
    await expect(page.getByRole('heading', { name: nearest, exact: true })).toBeVisible()
  }
})

test('whose parents nobody knows can have the descendants drawn, each under whom they came from', async ({
  page,
}) => {
  await signIn(page)
  await demoTree(page)
  await page.getByRole('combobox', { name: /Jump/ }).fill('Elspet Corran')
  await page
    .getByRole('option', { name: /Elspet Corran/ })
    .first()
    .click()
  await page.getByRole('link', { name: 'Draw', exact: true }).click()
  await expect(page.getByText('No parents are known.')).toBeVisible()
  await page.getByRole('button', { name: 'Draw the descendants' }).click()
  await expect(page.getByRole('heading', { name: 'Descendants of Elspet Corran' })).toBeVisible()
  await expect(
    page.getByRole('link', { name: /^Magnus Tarrel, .*parent of Ewan Tarrel/ }).first(),
  ).toBeVisible()
  const file = page.waitForEvent('download')
  await page.getByRole('link', { name: 'SVG' }).click()
  expect((await file).suggestedFilename()).toMatch(/^Descendants-of-Elspet-Corran\.svg$/)
})

test('every page of the guide opens, every link of it leads somewhere, and the jump field finds it', async ({
  page,
}) => {
  test.setTimeout(240_000)
  await signIn(page)
  const tree = await demoTree(page)
  await expect(page.getByRole('heading', { name: 'Desk' })).toBeVisible()
  await page.keyboard.press('?')
  await expect(page.getByRole('dialog', { name: 'Keys' })).toBeVisible()
  await page.keyboard.press('?')
  await expect(page.getByRole('heading', { level: 1, name: 'Guide' })).toBeVisible()
  const pages = await page
    .getByRole('navigation', { name: 'Pages of the guide' })
    .getByRole('link')
    .evaluateAll((links) => links.map((link) => link.getAttribute('href') ?? ''))
  expect(pages.length).toBeGreaterThan(14)
  const links = new Set<string>()
  for (const address of pages) {
    if (address !== pages[0]) await follow(page, address)
    await expect(page.getByRole('article').getByRole('heading', { level: 1 })).toBeVisible()
    for (const href of await page
      .getByRole('article')
      .getByRole('link')
      .evaluateAll((found) => found.map((link) => link.getAttribute('href') ?? '')))
      links.add(href.replace(/#.*/, ''))
  }
  for (const href of links) {
    if (pages.includes(href)) continue
    await page.goto(href)
    await expect(page.getByText('One moment…')).toHaveCount(0)
    await expect(page.getByText('There is no such page')).toHaveCount(0)
    await expect(page.locator('#middle :is(h1, h2)').first(), href).toBeVisible()
  }
  await page.goto(`${tree}/desk`)
  await page.getByRole('combobox', { name: /Jump/ }).fill('hold a citation')
  await page.getByRole('option', { name: /Hold a citation guide/ }).click()
  await expect(page.getByRole('heading', { level: 2, name: 'Hold a citation' })).toBeInViewport()
})

test('each page has a title of its own, and focus is never on nothing', async ({ page }) => {
  await signIn(page)
  await expect(page).toHaveTitle('Your trees – North Bough')
  await demoTree(page)
  await expect(page).toHaveTitle('Desk – Marren Isles – North Bough')
  await page.keyboard.press('g')
  await page.keyboard.press('p')
  await expect(page).toHaveTitle('People – Marren Isles – North Bough')
  await expect(page.getByRole('grid', { name: 'People' })).toBeFocused()
  await jumpTo(page, 'Magnus Tarrel')
  await expect(page).toHaveTitle('Magnus Tarrel – Marren Isles – North Bough')
  await expect.poll(() => focused(page)).toBe('middle')
  const add = page.getByRole('button', { name: 'Add a' })
  await add.click()
  await expect(add).toHaveAttribute('aria-expanded', 'true')
  await page.getByRole('button', { name: 'Esc Cancel' }).click()
  await expect.poll(() => page.evaluate(() => document.activeElement === document.body)).toBe(false)
  await expect(add).toHaveAttribute('aria-expanded', 'false')
})

test('what works stands in sight: relationships, order, what belongs to a note; folded parts count', async ({
  page,
}) => {
  await signIn(page)
  await demoTree(page)
  await jumpTo(page, 'Magnus Tarrel')
  const kin = page.getByRole('region', { name: 'Kin' })
  for (const name of [/^Add child with Elspet Corran/, /^Order of the children with/, /^Relationship with/]) {
    const control = kin.getByRole('button', { name }).first()
    await expect(control).toBeVisible()
    expect(await control.evaluate((one) => getComputedStyle(one.parentElement ?? one).opacity)).toBe('1')
  }
  await expect(page.getByText(/^On records \(\d+\)$/)).toBeVisible()
  await expect(page.getByText(/^History \(\d+\)$/)).toBeVisible()
  await expect(
    page.getByRole('button', { name: /^Occupation, at 22 to 62, from 1720 to 1755/ }),
  ).toBeVisible()
})

test('a refusal stays beneath its field until that is changed', async ({ page }) => {
  await page.goto('/')
  await page.getByLabel('E-mail').fill('nobody@marren.example')
  await page.getByLabel('Password').fill('not the one at all')
  await page.getByRole('button', { name: 'Sign in' }).click()
  const field = page.getByLabel('E-mail')
  await expect(field).toHaveAttribute('aria-invalid', 'true')
  const said = page.getByRole('alert')
  await expect(said).toBeVisible()
  await expect(field).toHaveAttribute('aria-errormessage', (await said.getAttribute('id')) ?? 'none')
  await field.fill('reader@marren.example')
  await expect(said).toHaveCount(0)
  await expect(field).not.toHaveAttribute('aria-invalid', 'true')
})

test('dates are asked in our own fields, in any form', async ({ page }) => {
  await signIn(page)
  const tree = await newTree(page, 'Asked by date')
  await ask(page, 'POST', '/people', { line: 'Ewan Tarrel h b 1847' })
  await page.goto(`${tree}/journal`)
  await expect(page.locator('input[type=date]')).toHaveCount(0)
  await page.getByLabel('Until what day').fill('31 Dec 1999')
  await expect(page.getByText('No change is like that.')).toBeVisible()
  await page.getByLabel('Until what day').fill('')
  await page.getByLabel('From what day').fill('after 3 May 1999')
  await expect(page.getByRole('button', { name: /^Entered Ewan Tarrel/ })).toBeVisible()
})

test('in a narrow window everything of the top line is one button away, and the filters are in sight', async ({
  page,
}) => {
  await page.setViewportSize({ width: 320, height: 800 })
  await signIn(page)
  const tree = await demoTree(page)
  await page.goto(`${tree}/people`)
  await expect(page.getByLabel('Born from')).toBeVisible()
  await page.getByRole('button', { name: 'More' }).click()
  for (const name of ['Keys', 'Light or dark']) await expect(page.getByRole('button', { name })).toBeVisible()
  await expect(page.getByRole('link', { name: /^Account/ })).toBeVisible()
  await page.getByRole('link', { name: 'Guide' }).click()
  await expect(page.getByRole('heading', { level: 1, name: 'Guide' })).toBeVisible()
})
