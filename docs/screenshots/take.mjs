// Takes the pictures of the README from the demo data: node docs/screenshots/take.mjs [address] [folder]
import { chromium } from '@playwright/test'

const [address = 'http://127.0.0.1:8420', folder = 'docs/screenshots'] = process.argv.slice(2)
const browser = await chromium.launch({
  executablePath: '/usr/bin/chromium',
  args: [
    '--no-sandbox',
    '--disable-gpu',
    '--disable-quic',
    '--no-first-run',
    '--disable-background-networking',
    '--disable-component-update',
    '--disable-sync',
  ],
})
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })
const shot = async (name) => {
  await page.waitForLoadState('networkidle')
  await page.waitForTimeout(300)
  await page.screenshot({ path: `${folder}/${name}.png` })
}

await page.goto(address)
await page.getByLabel('E-mail').waitFor()
await shot('sign-in')
await page.getByLabel('E-mail').fill('reader@marren.example')
await page.getByLabel('Password').fill('kelp-and-slate')
await page.getByRole('button', { name: 'Sign in' }).click()
await page.getByText('Marren Isles').first().click()
await page.waitForURL(/\/desk$/)
const tree = page.url().replace(/\/desk$/, '')
await shot('desk')
await page.goto(`${tree}/people`)
await shot('people')

const open = async (name) => {
  await page.getByRole('combobox', { name: /Jump/ }).waitFor()
  await page.keyboard.press('/')
  await page.keyboard.type(name)
  await page.locator('[role=option]').first().waitFor()
  await page.waitForTimeout(400)
  await page.keyboard.press('Enter')
  await page.waitForURL(/people\/[0-9a-f-]{36}/)
}
await page.goto(`${tree}/desk`)
for (const name of ['Jean Penhask', 'Keziah Hezzy Osk', 'Gavin Maddern 1826', 'Ailie Averay'])
  await open(name.replace(' 1826', ''))
await open('Magnus Tarrel')
await page.goto(`${tree}/people`)
await page.getByLabel('Filter by name').fill('ewan tarrel')
await page.getByText('1731/2').click()
await page.getByRole('button', { name: /Birth/ }).last().click()
await shot('person')
await page.evaluate(() => localStorage.setItem('theme', 'dark'))
await page.reload()
await shot('person-dark')
await page.evaluate(() => localStorage.setItem('theme', 'light'))
await page.reload()
await page.getByRole('region', { name: 'Facts' }).waitFor()
await page.waitForTimeout(500)
await page.keyboard.press('a')
await page.keyboard.press('c')
await page.getByLabel(/Child/).waitFor()
await page.keyboard.type('Hester / w b abt 1770 Gannet Stair, Hask')
await page.waitForTimeout(700)
await shot('entering')
await page.keyboard.press('Escape')
await open('Ailie Averay')
await page.getByRole('link', { name: 'Draw', exact: true }).click()
await page.waitForURL(/drawings/)
await shot('drawing')
await page.goto(`${tree}/reports`)
await page.getByLabel('Filter couples').fill('magnus tarrel')
await page.getByRole('link', { name: /Kirsty Osk/ }).click()
await shot('family-group-sheet')
await page.goto(`${tree}/records`)
await shot('records')
await page.getByText('Register of Baptisms').first().click()
await shot('source')
await page.goto(`${tree}/places`)
await page.getByLabel('Filter places by name').fill('tolsay')
await page.getByRole('listbox', { name: 'Places' }).getByText('Tolsay', { exact: true }).click()
await page.getByText('What happened here').waitFor()
await shot('places')
await page.goto(`${tree}/exchange`)
await shot('exchange')
await page.goto(`${tree}/journal`)
await shot('journal')
await page.goto(`${tree}/tree`)
await page.getByText('What happened around them').waitFor()
await shot('tree')
await browser.close()
