import { expect, test, type Locator, type Page } from '@playwright/test'
import { randomUUID } from 'node:crypto'
import { saved } from './actions'

/** No page has more stops than these between two things. */
const MOST_TABS = 160

const FILE = 'core/tests/Gedcom/files/isles-551.ged'

/**
 * The hands of a newcomer: what stands on the screen is pressed, by mouse or by keys alone, and each press is counted.
 * Typing words into a field is no press.
 */
class Hands {
  private presses = 0
  private readonly done: [string, number][] = []

  constructor(
    readonly page: Page,
    readonly byKeys: boolean,
  ) {}

  async press(what: Locator) {
    this.presses++
    if (!this.byKeys) return what.click()
    await this.reach(what)
    await this.page.keyboard.press('Enter')
  }

  /** Goes to something by Tab alone, from wherever the focus is. */
  private async reach(what: Locator) {
    await what.waitFor()
    for (let tab = 0; tab < MOST_TABS; tab++) {
      if (await what.evaluate((element) => element === document.activeElement)) return
      await this.page.keyboard.press('Tab')
    }
    throw new Error(`Tab never came to ${what.toString()}`)
  }

  /** Goes into a field and types. */
  async write(field: Locator, words: string) {
    this.presses++
    if (this.byKeys) await this.reach(field)
    else await field.click()
    await this.page.keyboard.press('ControlOrMeta+a')
    await this.page.keyboard.type(words)
  }

  async choose(field: Locator, value: string) {
    this.presses++
    if (this.byKeys) await this.reach(field)
    await field.selectOption(value)
  }

  button(name: string | RegExp, within: Page | Locator = this.page) {
    return within.getByRole('button', { name }).first()
  }

  link(name: string | RegExp, within: Page | Locator = this.page) {
    return within.getByRole('link', { name }).first()
  }

  area(name: string) {
    return this.press(this.link(name, this.page.getByRole('navigation', { name: 'Areas' })))
  }

  /** Saves what the one-line entry holds, by its button or by Enter. */
  async save(name: string | RegExp = /^Save/) {
    await this.press(this.button(name))
  }

  over(what: string) {
    this.done.push([what, this.presses])
    this.presses = 0
  }

  told(): string {
    return this.done.map(([what, count]) => `${what.padEnd(34)}${String(count).padStart(3)}`).join('\n')
  }
}

for (const way of ['by mouse alone', 'by keys alone'] as const)
  test(`the first hour of a newcomer, ${way}`, async ({ page }) => {
    test.setTimeout(400_000)
    const byKeys = way === 'by keys alone'
    const hands = new Hands(page, byKeys)
    const kin = page.getByRole('region', { name: 'Kin' })
    const facts = page.getByRole('region', { name: 'Facts' })
    const margin = page.getByRole('complementary', { name: 'Margin' })

    await page.goto('/')
    await hands.press(hands.button('New account'))
    await hands.write(page.getByLabel('Your name'), 'Nan Drum')
    await hands.write(page.getByLabel('E-mail'), `${randomUUID()}@marren.example`)
    await hands.write(page.getByLabel(/^Password/), 'kelp-slate-and-herring')
    await hands.press(hands.button('Add the account'))
    await expect(page.getByText('You have no tree yet.')).toBeVisible()
    hands.over('account')

    await hands.write(page.getByLabel('A new tree, called'), 'Drum of Little Orran')
    await hands.press(hands.button('Add it'))
    await page.waitForURL(/people$/)
    const tree = page.url().replace(/\/people$/, '')
    await hands.press(hands.button('Understood'))
    hands.over('tree')

    await hands.press(hands.button('Add the first person'))
    await hands.write(page.getByLabel('A person', { exact: true }), 'Wat Drum h b 4 May 1840 Hask d 1911')
    await hands.save()
    await expect(page.getByRole('heading', { name: 'Wat Drum' })).toBeVisible()
    await hands.press(hands.button(/^Add a/))
    await hands.press(hands.button(/father$/))
    await hands.write(page.getByLabel(/Father of/), 'Rory Drum b abt 1810 d 1880')
    await hands.save()
    await hands.write(page.getByLabel(/Mother of/), 'Una Osk b 1812 d 1890')
    await hands.save()
    await expect(kin).toContainText('Una Osk')
    hands.over('a father and a mother')

    await hands.press(hands.button(/^Add a/))
    await hands.press(hands.button(/partner$/))
    await hands.write(page.getByLabel(/Partner of/), 'Moll Stair w b 1845 m 3 June 1866 Kirkhaven d 1870')
    await hands.save()
    await hands.write(page.getByLabel(/Child with Moll/), 'Ewan Drum h b 1867 d 1933')
    await hands.save()
    await hands.press(hands.button(/^Cancel/))
    await expect(kin).toContainText('Ewan')
    hands.over('a marriage and a child')

    await hands.press(hands.button(/^Add a/))
    await hands.press(hands.button(/partner$/))
    await hands.write(page.getByLabel(/Partner of/), 'Nan Vane w b 1850 m 1872 d 1925')
    await hands.save()
    await hands.choose(page.getByLabel('tied'), 'adoptive')
    await hands.write(page.getByLabel(/Child with Nan/), 'Kit Drum x b 1875 d 1940')
    await hands.save()
    await expect(kin).toContainText('(adopted)')
    await expect(page.getByLabel('tied')).toHaveValue('birth')
    await hands.press(hands.button(/^Cancel/))
    hands.over('a second marriage, an adopted child')

    await hands.press(hands.button(/^Birth/, facts))
    await hands.press(hands.button('Cite a source', margin))
    await hands.write(page.getByLabel('Source', { exact: true }), 'Register of St Osmund')
    await hands.write(page.getByLabel('Page or entry'), 'baptisms 1840, p. 3')
    await hands.press(hands.button('Cite it', margin))
    await expect(margin).toContainText('Register of St Osmund, baptisms 1840, p. 3')
    hands.over('a source, a fact cited')

    await hands.press(hands.button(/^Change c/, margin))
    await hands.write(page.getByLabel('Date'), '4 May 1841')
    await hands.save()
    await expect(facts).toContainText('4 May 1841')
    hands.over('a date mended')

    await hands.press(hands.link('Ewan', kin))
    await expect(page.getByRole('heading', { name: 'Ewan Drum' })).toBeVisible()
    await hands.press(hands.button(/^Relationship with/, kin))
    await hands.press(hands.button('Move', kin))
    await hands.write(page.getByRole('combobox', { name: 'To the parents' }), 'Nan Vane')
    await page.getByRole('option', { name: /Nan Vane/ }).waitFor()
    if (byKeys) await page.keyboard.press('Enter')
    else await hands.press(page.getByRole('option', { name: /Nan Vane/ }))
    await expect(page.getByText('The birth, 1867, was before that wedding, 1872.')).toBeVisible()
    await hands.press(hands.button('Move', kin.getByRole('status')))
    await expect(kin).toContainText('Nan Vane')
    hands.over('a child moved')

    for (const undone of [
      'Undid: Moved Ewan Drum from Wat Drum and Moll Stair to Wat Drum and Nan Vane',
      'Undid: Changed a fact',
    ])
      await test.step(undone, async () => {
        await hands.press(hands.button(undone.replace('Undid', 'Undo')))
        await expect(page.getByText(undone).first()).toBeVisible()
      })
    await expect(kin).toContainText('Moll Stair')
    hands.over('two steps undone')

    await hands.area('Records')
    await hands.press(hands.link(/Register of St Osmund/))
    await hands.press(hands.button(/^Add a record/))
    await hands.write(page.getByRole('combobox', { name: /kind of record/ }), 'census household')
    const kind = page.getByRole('option', { name: /Census household/ })
    await kind.waitFor()
    if (byKeys) await page.keyboard.press('Enter')
    else await hands.press(kind)
    await page.waitForURL(/records\/table/)
    await hands.write(page.getByLabel('Census day'), '7 April 1861')
    await hands.press(hands.button(/^Back to the line/))
    for (const [at, name] of ['Rory Drum', 'Una Drum', 'Wat Drum'].entries()) {
      if (at > 0) await hands.press(hands.button('Add a line below'))
      await hands.write(page.getByLabel(`Name, line ${at + 1}`, { exact: true }), name)
    }
    await hands.write(page.getByLabel('Relation, line 1', { exact: true }), 'Head')
    await hands.press(hands.button('Line 3, Wat Drum'))
    await hands.press(hands.button('Move up'))
    await expect(page.getByLabel('Name, line 2', { exact: true })).toHaveValue('Wat Drum')
    hands.over('a record of three people')

    await hands.area('Pictures')
    await page
      .getByLabel(/Add a picture|Add pictures/)
      .first()
      .setInputFiles({
        name: 'quay.png',
        mimeType: 'image/png',
        buffer: await page.screenshot(),
      })
    await hands.press(hands.link(/quay/))
    await expect(page.getByRole('application')).toBeVisible({ timeout: 60_000 })
    await hands.press(hands.button('closer'))
    hands.over('a picture')

    await hands.area('People')
    const who = page.getByLabel('Filter by name or number')
    await hands.write(who, 'wat drumm')
    const near = page.getByRole('region', { name: 'Nobody found' })
    await hands.press(hands.link(/Wat Drum/, near))
    await expect(page.getByRole('heading', { name: 'Wat Drum' })).toBeVisible()
    hands.over('a misspelt name found')

    await hands.press(page.getByRole('link', { name: 'Draw', exact: true }))
    await expect(page.getByRole('link', { name: /^Rory Drum/ })).toBeVisible()
    await hands.press(hands.button('Fit the drawing'))
    hands.over('a drawing')

    await hands.area('Reports')
    await hands.press(hands.link('Family group sheet'))
    await hands.press(hands.link(/Wat Drum and Moll Stair/))
    await expect(page.getByRole('article')).toContainText('Ewan')
    const printed = await saved(page, () => hands.press(page.getByRole('link', { name: 'PDF', exact: true })))
    expect(printed.toString('latin1').startsWith('%PDF')).toBe(true)
    hands.over('a printed sheet')

    await hands.area('Research')
    await hands.press(hands.button(/^Log a search/))
    await hands.write(page.getByLabel('Where it was looked for'), 'Burials of St Osmund')
    await hands.write(page.getByLabel('What was looked for'), 'Rory Drum')
    await hands.press(hands.button('Log it'))
    await expect(page.getByText('Burials of St Osmund').first()).toBeVisible()
    hands.over('a logged search')

    await hands.area('Exchange')
    await page.getByLabel('File to bring in').setInputFiles(FILE)
    await hands.press(hands.button('Bring it in'))
    await expect(page.getByRole('article').filter({ hasText: 'isles-551.ged' }).last()).toContainText(
      'Families',
    )
    hands.over('a file in')
    const written = await saved(page, () => hands.press(hands.button('Export version 7')))
    expect(written.toString()).toContain('1 NAME Wat /Drum/')
    hands.over('a file out')

    await hands.press(hands.link('The people of this tree'))
    await hands.write(who, 'kit drum')
    const kit = page.getByRole('row', { name: /Drum, Kit/ })
    await kit.waitFor()
    if (byKeys) await page.keyboard.press('Enter')
    else {
      // A click takes in hand; the name in the margin leads to the page.
      await hands.press(kit)
      await hands.press(hands.link('Kit Drum'))
    }
    await expect(page.getByRole('heading', { name: 'Kit Drum' })).toBeVisible()
    await hands.press(hands.button('Delete this person'))
    await hands.press(page.getByRole('alertdialog').getByRole('button', { name: 'Delete', exact: true }))
    await page.waitForURL(/people$/)
    await expect(page.getByRole('navigation', { name: 'Trail' })).not.toContainText('Kit Drum')
    await hands.area('Journal')
    await hands.press(hands.link('What was deleted'))
    await hands.press(hands.button('Restore Kit Drum'))
    await expect(page.getByText('Restored: Kit Drum')).toBeVisible()
    hands.over('a person deleted and restored')

    expect(page.url()).toContain(tree)
    console.log(`Presses, ${way}:\n${hands.told()}`)
  })
