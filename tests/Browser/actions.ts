import { expect, type Cookie, type Page } from '@playwright/test'
import { readFileSync } from 'node:fs'

/** Each browser that runs beside another signs in to an account, and so to a demo tree, of its own. */
const ACCOUNTS = ['reader@marren.example', 'second@marren.example']

export const DEMO = {
  email: ACCOUNTS[Number(process.env.TEST_PARALLEL_INDEX ?? 0)] ?? 'reader@marren.example',
  password: 'kelp-and-slate',
}

/** Signs in as somebody who knows that letters act: they act at once, and nothing is announced. */
export async function signIn(page: Page) {
  await page.addInitScript(() => {
    localStorage.setItem('letters-met', '1')
    localStorage.setItem('letters-known', '1')
  })
  await signInAsNewcomer(page)
}

let session: Cookie[] = []

/** Signs in as somebody to whom nothing was said yet. The door counts who comes through: the session of the last one is used again. */
export async function signInAsNewcomer(page: Page) {
  await page.context().addCookies(session)
  await page.goto('/trees')
  const trees = page.getByRole('heading', { name: 'Your trees' })
  const door = page.getByLabel('E-mail')
  await expect(trees.or(door)).toBeVisible()
  if (await door.isVisible()) {
    await door.fill(DEMO.email)
    await page.getByLabel('Password').fill(DEMO.password)
    await page.getByRole('button', { name: 'Sign in' }).click()
  }
  await expect(trees).toBeVisible()
  session = await page.context().cookies()
}

/** Somebody who has just signed in is there already. */
async function toTrees(page: Page) {
  if (new URL(page.url()).pathname !== '/trees') await page.goto('/trees')
}

/** Opens a new tree and gives its address. */
export async function newTree(page: Page, name: string): Promise<string> {
  await toTrees(page)
  await page.getByLabel('A new tree, called').fill(name)
  await page.getByRole('button', { name: 'Add it' }).click()
  await page.waitForURL(/\/t\/[0-9a-f-]+\/people$/)
  await expect(page.getByText('Here everybody in this tree will stand')).toBeVisible()
  return page.url().replace(/\/people$/, '')
}

export async function demoTree(page: Page): Promise<string> {
  await toTrees(page)
  await page
    .getByRole('link', { name: /Marren Isles/ })
    .first()
    .click()
  await page.waitForURL(/\/desk$/)
  return page.url().replace(/\/desk$/, '')
}

/** Opens somebody by the jump field, with keys alone. */
export async function jumpTo(page: Page, name: string) {
  await expect(page.getByRole('combobox', { name: /Jump/ })).toBeVisible()
  await page.keyboard.press('/')
  // What was found for the first letters is not what Enter is to take.
  const whole = page.waitForResponse(
    (answer) => new URL(answer.url()).searchParams.get('q') === name && answer.url().includes('/jump'),
  )
  await page.keyboard.type(name)
  await whole
  await page.waitForTimeout(150)
  await expect(
    page
      .getByRole('option')
      .filter({ hasText: name.split(' ')[0] ?? name })
      .first(),
  ).toBeVisible()
  await page.keyboard.press('Enter')
  await page.waitForURL(/people\/[0-9a-f-]{36}/)
  await expect(page.getByRole('region', { name: 'Facts' })).toBeVisible()
}

/** Presses Tab until what is focused answers to the name. */
export async function tabTo(page: Page, name: RegExp) {
  for (let press = 0; press < 80; press++) {
    await page.keyboard.press('Tab')
    const focused = await page.evaluate(() => {
      const element = document.activeElement
      const labelled = element instanceof HTMLInputElement ? (element.labels?.[0]?.textContent ?? '') : ''
      return `${element?.getAttribute('aria-label') ?? ''} ${labelled} ${element?.textContent ?? ''}`
    })
    if (name.test(focused)) return
  }
  throw new Error(`Tab never came to ${name}`)
}

/** Types a line into the one-line entry that is open and keeps it. */
export async function keep(page: Page, label: RegExp, line: string, read: RegExp) {
  await expect(page.getByLabel(label)).toBeFocused()
  await page.keyboard.type(line)
  await expect(page.getByText(read).first()).toBeVisible()
  await page.keyboard.press('Enter')
}

/** Asks the server as the page does. */
export async function ask<T>(page: Page, method: string, path: string, body?: unknown): Promise<T> {
  return page.evaluate(
    async ({ method, path, body }) => {
      const token = decodeURIComponent(
        document.cookie
          .split('; ')
          .find((part) => part.startsWith('XSRF-TOKEN='))
          ?.slice(11) ?? '',
      )
      const tree = /\/t\/([0-9a-f-]+)/.exec(location.pathname)?.[1] ?? ''
      const answer = await fetch(`/api/trees/${tree}${path}`, {
        method,
        headers: { 'X-XSRF-TOKEN': token, Accept: 'application/json', 'Content-Type': 'application/json' },
        body: body === undefined ? undefined : JSON.stringify(body),
      })
      const text = await answer.text()
      if (!answer.ok) throw new Error(`${method} ${path}: ${answer.status} ${text.slice(0, 300)}`)
      return text.startsWith('{') ? JSON.parse(text) : text
    },
    { method, path, body },
  )
}

type Chosen = { name: string; buffer: Buffer }

/** Chooses a file to look at on the page of the tree's files, and gives the look, which comes when it is made. */
export async function lookAt(page: Page, file: Chosen | string) {
  const input = page.getByLabel('File to bring in')
  if (typeof file === 'string') await input.setInputFiles(file)
  else await input.setInputFiles({ ...file, mimeType: 'text/plain' })
  const name = typeof file === 'string' ? (file.split('/').at(-1) ?? file) : file.name
  return page.getByRole('article', { name: `A look at ${name}` })
}

/** Looks at a file and brings all of it in. */
export async function bringIn(page: Page, file: Chosen) {
  const look = await lookAt(page, file)
  await look.getByRole('button', { name: 'Bring it in' }).click()
  await expect(look).toBeHidden()
}

/** Presses what saves a file, and gives the file. */
export async function saved(page: Page, press: () => Promise<void>): Promise<Buffer> {
  const [download] = await Promise.all([page.waitForEvent('download'), press()])
  expect(await download.failure(), `of ${download.url()}`).toBeNull()
  return readFileSync(await download.path())
}

/** Goes where a link leads without loading the page anew, as the link would; there is a page of another title then. */
export async function follow(page: Page, address: string) {
  if (new URL(page.url()).pathname === address) return
  const before = await page.title()
  await page.evaluate((to) => {
    history.pushState({}, '', to)
    dispatchEvent(new PopStateEvent('popstate'))
  }, address)
  await expect(page).not.toHaveTitle(before)
}
