import { expect, test } from '@playwright/test'
import { DEMO, jumpTo, keep, tabTo } from './actions'

test('three generations, a citation and an undo by key presses alone', async ({ page }) => {
  await page.goto('/')
  await expect(page.getByLabel('E-mail')).toBeFocused()
  await page.keyboard.type(DEMO.email)
  await page.keyboard.press('Tab')
  await page.keyboard.type(DEMO.password)
  await page.keyboard.press('Enter')
  await expect(page.getByRole('heading', { name: 'Your trees' })).toBeVisible()
  await tabTo(page, /A new tree, called/)
  await page.keyboard.type('By keys')
  await page.keyboard.press('Enter')
  await page.waitForURL(/\/people$/)
  await expect(page.getByText('Here everybody in this tree will stand')).toBeVisible()

  await page.keyboard.press('a')
  await keep(
    page,
    /A person/,
    'Ewan Tarrel h b 30 July 1847 Hask Light, Hask d 12 Aug 1923 Kirkhaven',
    /male.*born.*30 Jul 1847/,
  )
  await expect(page.getByRole('heading', { name: 'Ewan Tarrel' })).toBeVisible()

  await page.keyboard.press('a')
  await page.keyboard.press('f')
  await keep(page, /Father of Ewan Tarrel/, 'Magnus / b 3 May 1818', /Tarrel.*surname.*3 May 1818/)
  await keep(page, /Mother of Ewan Tarrel/, 'Jean Penhask b abt 1824 Tolsay', /about 1824/)
  await expect(page.getByLabel(/Mother of/)).toHaveCount(0)
  await expect(page.getByRole('region', { name: 'Kin' })).toContainText('Jean Penhask')

  await page.keyboard.press('a')
  await page.keyboard.press('p')
  await keep(page, /Partner of Ewan Tarrel/, 'Moll Stair w b 1866 m 17 Oct 1888 Kirkhaven', /17 Oct 1888/)
  await keep(page, /Child/, 'Jean / w b 1889', /Tarrel.*surname/)
  await keep(page, /Child/, 'Ada / w b 12 Mar 1894', /12 Mar 1894/)
  await expect(page.getByLabel(/Child/)).toBeFocused()
  await page.keyboard.press('Escape')

  const kin = page.getByRole('region', { name: 'Kin' })
  await expect(kin).toContainText('Magnus Tarrel')
  await expect(kin).toContainText('and Jean Penhask')
  await expect(kin).toContainText('m. 1888')
  await expect(kin).toContainText('Jean, Ada')
  const facts = page.getByRole('region', { name: 'Facts' })
  await expect(facts).toContainText('Marriage')
  await expect(facts).toContainText('with Moll Stair')
  await expect(facts).toContainText('41')

  await page.keyboard.press('j')
  await expect(page.getByRole('complementary', { name: 'Margin' })).toContainText('It has no source yet.')
  await tabTo(page, /^ ?\s*Cite a source/)
  await page.keyboard.press('Enter')
  await expect(page.getByLabel('Source', { exact: true })).toBeFocused()
  await page.keyboard.type('Register of St Osmund')
  await page.keyboard.press('Tab')
  await page.keyboard.type('baptisms 1847')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('complementary', { name: 'Margin' })).toContainText(
    'Register of St Osmund, baptisms 1847.',
  )

  await jumpTo(page, 'Ada')
  await expect(page.getByRole('heading', { name: 'Ada Tarrel' })).toBeVisible()
  await page.keyboard.press('[')
  await expect(page.getByRole('heading', { name: 'Ewan Tarrel' })).toBeVisible()
  await page.keyboard.press('d')
  await page.waitForURL(/drawings/)
  await expect(page.getByRole('link', { name: /^Magnus Tarrel/ })).toBeVisible()

  await page.keyboard.press('U')
  await expect(page.getByText('Undid: Cited Register of St Osmund')).toBeVisible()
  await page.keyboard.press('g')
  await page.keyboard.press('j')
  await expect(page.getByRole('heading', { name: 'Journal' })).toBeVisible()
  await expect(page.getByRole('heading', { name: 'To redo' })).toBeVisible()
  await expect(page.getByRole('button', { name: /Redo down to here: Cited Register/ })).toBeVisible()
})
