import AxeBuilder from '@axe-core/playwright'
import { expect, test, type Page } from '@playwright/test'
import { demoTree, jumpTo, newTree, signIn } from './actions'

const AREAS = [
  'desk',
  'people',
  'records',
  'questions',
  'doubles',
  'research',
  'drawings',
  'reports',
  'places',
  'pictures',
  'records/kinds',
  'exchange',
  'journal',
  'journal/deleted',
  'tree',
  'guide',
]

const NARROWEST = 320

const WIDTHS = [640, NARROWEST]

const STANDARD = {
  type: 'tag' as const,
  values: ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'],
}

const COLOURS = { type: 'rule' as const, values: ['color-contrast'] }

/** What the width of a window can break. */
const OF_WIDTH = {
  type: 'rule' as const,
  values: [
    'target-size',
    'color-contrast',
    'scrollable-region-focusable',
    'region',
    'label',
    'link-name',
    'button-name',
  ],
}

/** No page of ours has frames: what is found is put together in the page itself, and not in another one. */
async function faults(page: Page, run: { type: 'tag' | 'rule'; values: string[] }, where: string) {
  const axe = new AxeBuilder({ page }).setLegacyMode(true)
  const found = await axe.options({ runOnly: run, resultTypes: ['violations'] }).analyze()
  expect
    .soft(
      found.violations.map(
        (fault) => `${where}: ${fault.id} ${fault.nodes.map((node) => node.html).join(' | ')}`,
      ),
    )
    .toEqual([])
}

/** The page as it stands, then in the dark theme, which is the same page in other colours. */
async function scan(page: Page, where: string) {
  await page.waitForLoadState('networkidle')
  await faults(page, STANDARD, where)
  await page.evaluate(() => (document.documentElement.dataset.theme = 'dark'))
  await faults(page, COLOURS, `${where}, dark`)
  await page.evaluate(() => (document.documentElement.dataset.theme = 'light'))
}

/** The same page where there is less room: at twice the size of letters, and on a small screen. Its colours are those it had. */
async function scanNarrow(page: Page, where: string) {
  for (const width of WIDTHS) {
    await page.setViewportSize({ width, height: 800 })
    await page.waitForLoadState('networkidle')
    if (width === NARROWEST) await faults(page, OF_WIDTH, `${where} at ${width}`)
    expect
      .soft(await page.evaluate(() => document.documentElement.scrollWidth), `${where} runs off at ${width}`)
      .toBeLessThanOrEqual(width)
  }
  await page.setViewportSize({ width: 1280, height: 800 })
}

test.describe.configure({ mode: 'parallel' })

test.beforeEach(async ({ page }) => {
  test.setTimeout(480_000)
  await page.addInitScript(() => localStorage.setItem('theme', 'light'))
})

test('every area can be used by everybody, light and dark, wide and narrow', async ({ page }) => {
  await page.goto('/')
  await page.getByLabel('E-mail').waitFor()
  await scan(page, 'sign in')
  await signIn(page)
  await scan(page, 'trees')
  const tree = await demoTree(page)
  for (const area of AREAS) {
    await page.goto(`${tree}/${area}`)
    await page
      .getByRole('main')
      .getByRole('heading')
      .or(page.getByText('Here a drawing will stand'))
      .first()
      .waitFor()
    await scan(page, area)
    await scanNarrow(page, area)
  }
  for (const view of ['couples', 'up', 'down']) {
    await page.goto(`${tree}/people/${view}`)
    await page
      .getByRole('main')
      .getByRole('heading')
      .or(page.getByLabel('Begin the line with'))
      .first()
      .waitFor()
    await scan(page, `people, ${view}`)
  }
  await page.goto(`${tree}/people`)
  await page.getByRole('button', { name: 'Number everybody' }).click()
  await scan(page, 'people, numbering')
  await scanNarrow(page, 'people, numbering')
})

test('what opens from an area can be used by everybody', async ({ page }) => {
  await signIn(page)
  const tree = await demoTree(page)
  await page.goto(`${tree}/questions`)
  await page.getByRole('link', { name: /When was Magnus Tarrel born/ }).click()
  await page.getByRole('slider').waitFor()
  await scan(page, 'weighing')
  await page.goto(`${tree}/questions`)
  await page.getByRole('link', { name: /Are Keziah .* and Hezzy Drum one person/ }).click()
  await page.getByRole('button', { name: 'Conclude' }).waitFor()
  // What speaks against two being one stands for their being two.
  const two = page.getByRole('region', { name: /They are two people/ })
  await expect(two.getByText('nobody has written that the two are one')).toBeVisible()
  await expect(two.getByRole('heading', { name: 'For', exact: true })).toBeVisible()
  await scan(page, 'case')
  await page.goto(`${tree}/journal`)
  await page.getByRole('button', { name: /^Set up a case/ }).click()
  await page.getByText('They are one person').first().waitFor()
  await scan(page, 'a change in hand')
  await page.goto(`${tree}/records`)
  await page.getByLabel('Filter sources by words').fill('census 1881')
  await page.getByText(/^1 of/).waitFor()
  await page.getByText('Census of Marren, 1881').first().click()
  await page.getByRole('link', { name: /sheet 9/ }).click()
  await page.getByRole('application').waitFor()
  await page.getByText('is Gavin Maddern').or(page.getByText('over 99 %').first()).first().waitFor()
  await scan(page, 'reading table')
  await page.goto(`${tree}/places`)
  await page
    .getByRole('option', { name: /Tolsay/ })
    .last()
    .click()
  await page.getByText('What happened here').waitFor()
  await scan(page, 'place')
  await page.goto(`${tree}/doubles`)
  await page.getByLabel('show').selectOption('two people')
  await page.getByRole('listbox', { name: 'Pairs' }).getByRole('option').first().click()
  await page.getByRole('heading', { name: 'Are these one person?' }).waitFor()
  await scan(page, 'comparison')
  await scanNarrow(page, 'comparison')
  await page.goto(`${tree}/places/words`)
  await page.getByText('Place names not linked yet').waitFor()
  await scan(page, 'words of places')
  await page.goto('/account')
  await page.getByText('How you read').waitFor()
  await scan(page, 'account')
  await page.goto(`${tree}/people`)
  await jumpTo(page, 'Magnus Tarrel')
  await scan(page, 'person')
  await scanNarrow(page, 'person')
  await page.keyboard.press('j')
  await page.getByText('Evidence').waitFor()
  await scan(page, 'fact in hand')
  await page.keyboard.press('a')
  await page.keyboard.press('c')
  await scan(page, 'entering')
  await page.keyboard.press('Escape')
  await page.keyboard.press('d')
  await page
    .getByRole('link', { name: /Magnus Tarrel/ })
    .first()
    .waitFor()
  await scan(page, 'drawing')
  await page.goto(`${tree}/records`)
  // The filter stays as it was left.
  await page.getByLabel('Filter sources by words').fill('')
  await page.getByRole('link', { name: /Register of St Osmund/ }).click()
  await page.getByText('Full note').waitFor()
  await scan(page, 'source')
  for (const kind of ['register', 'statistics']) {
    await page.goto(`${tree}/reports/${kind}`)
    await page.getByRole('article').waitFor()
    await scan(page, kind)
  }
  await scanNarrow(page, 'statistics')
  for (const writing of ['texts/new', 'books/new']) {
    await page.goto(`${tree}/reports/${writing}`)
    await page.getByLabel('Title', { exact: true }).waitFor()
    await scan(page, writing)
    await scanNarrow(page, writing)
  }
  await page.goto(`${tree}/people`)
  await jumpTo(page, 'Magnus Tarrel')
  // The margin of the index tells the facts of whoever is in hand too: the keys are those of the page itself.
  await page.getByRole('heading', { level: 1, name: /Magnus Tarrel/ }).waitFor()
  await page.getByText('fowler and crofter').waitFor()
  await page.keyboard.press('j')
  await page.keyboard.press('j')
  await page.getByRole('link', { name: 'What if this is wrong?' }).first().click()
  await page.getByLabel('Why it is false').waitFor()
  await scan(page, 'impact')
})

test('an empty tree can be used by everybody', async ({ page }) => {
  await signIn(page)
  const empty = await newTree(page, 'Empty')
  for (const area of AREAS) {
    await page.goto(`${empty}/${area}`)
    await page.getByRole('main').waitFor()
    await scan(page, `empty ${area}`)
  }
})

test('the first page loads little', async ({ page }) => {
  let script = 0
  page.on('response', async (response) => {
    if (response.url().endsWith('.js')) script += (await response.request().sizes()).responseBodySize
  })
  await page.goto('/')
  await page.getByLabel('E-mail').waitFor()
  await page.waitForLoadState('networkidle')
  expect(script).toBeGreaterThan(0)
  expect(script).toBeLessThan(250_000)
})
