// How smoothly a drawing of 5,000 boxes is panned and zoomed in Chromium without a graphics card, in milliseconds a frame:
//     ./start --detach && node bench/frames.mjs [address]
// A generated family is brought into a tree of its own, which is deleted at the end.
import { chromium } from '@playwright/test'

const [address = 'http://127.0.0.1:8420'] = process.argv.slice(2)
const PEOPLE = 5001
const NAME = 'Frames of a drawing'

/** A founding couple with three children a couple. */
function family() {
  const people = []
  const families = []
  const person = (name, sex, parents) =>
    people.push(
      `0 @I${people.length + 1}@ INDI\n1 NAME ${name}\n1 SEX ${sex}\n1 BIRT\n2 DATE 14 JUN 1851\n2 PLAC Hask\n1 DEAT\n2 DATE 1900\n` +
        (parents ? `1 FAMC @F${parents}@\n` : ''),
    )
  let row = [person('Ewan /Tarrel/', 'M', 0)]
  while (people.length < PEOPLE) {
    const next = []
    for (const father of row) {
      if (people.length >= PEOPLE) break
      const mother = person('Keziah /Osk/', 'F', 0)
      const id = families.length + 1
      const children = ['Magnus', 'Silvan', 'Una'].map((given) => person(`${given} /Tarrel/`, 'M', id))
      families.push(
        `0 @F${id}@ FAM\n1 HUSB @I${father}@\n1 WIFE @I${mother}@\n${children.map((child) => `1 CHIL @I${child}@\n`).join('')}`,
      )
      people[father - 1] += `1 FAMS @F${id}@\n`
      people[mother - 1] += `1 FAMS @F${id}@\n`
      next.push(...children)
    }
    row = next
  }
  return `0 HEAD\n1 GEDC\n2 VERS 7.0\n${people.join('')}${families.join('')}0 TRLR\n`
}

const browser = await chromium.launch({
  executablePath: '/usr/bin/chromium',
  args: ['--no-sandbox', '--disable-gpu'],
})
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })
await page.addInitScript(() => {
  localStorage.setItem('letters-met', '1')
  localStorage.setItem('letters-known', '1')
})
await page.goto(`${address}/trees`)
await page.getByLabel('E-mail').fill('reader@marren.example')
await page.getByLabel('Password').fill('kelp-and-slate')
await page.getByRole('button', { name: 'Sign in' }).click()
await page.getByLabel('GEDCOM file for a new tree').setInputFiles({
  name: `${NAME}.ged`,
  mimeType: 'text/plain',
  buffer: Buffer.from(family()),
})
await page.getByRole('button', { name: 'Add it and look at the file' }).click()
await page.getByRole('button', { name: 'Bring it in' }).click()
await page.getByRole('link', { name: 'The people of this tree' }).click({ timeout: 120_000 })
await page.waitForURL(/\/t\/[0-9a-f-]+\/people/)
const tree = /\/t\/([0-9a-f-]+)\//.exec(page.url())[1]
const people = () =>
  page.request.get(`${address}/api/trees/${tree}/people?sort=number`).then((answer) => answer.json())
let rows = []
while (rows.length === 0) {
  await page.waitForTimeout(1000)
  rows = (await people()).rows
}
await page.waitForTimeout(3000)

const opened = Date.now()
await page.goto(`${address}/t/${tree}/drawings/${rows[0].id}?kind=descendants&generations=12`)
const sheet = page.locator('svg[role=group]')
await sheet.locator('g').first().waitFor({ state: 'attached', timeout: 120_000 })
console.log(`opened in ${((Date.now() - opened) / 1000).toFixed(1)} s`)

/** Times each frame while something is done. */
async function frames(says, act) {
  await page.evaluate(() => {
    globalThis.frames = []
    let last = performance.now()
    const next = (now) => {
      globalThis.frames.push(now - last)
      last = now
      globalThis.ticking = requestAnimationFrame(next)
    }
    globalThis.ticking = requestAnimationFrame(next)
  })
  await act()
  const times = await page.evaluate(() => {
    cancelAnimationFrame(globalThis.ticking)
    return globalThis.frames.slice(2)
  })
  times.sort((one, other) => one - other)
  const at = (share) => times[Math.floor((times.length - 1) * share)].toFixed(1)
  const painted = await page.locator('[data-box]').count()
  console.log(
    `${says}: median ${at(0.5)} ms, 95 of 100 under ${at(0.95)} ms, ${times.length} frames, ${painted} boxes painted`,
  )
}

const box = await sheet.boundingBox()
const [x, y] = [box.x + box.width / 2, box.y + box.height / 2]
async function pan() {
  await page.mouse.move(x, y)
  for (const [toX, toY] of [
    [-300, -60],
    [300, 60],
    [-200, 40],
    [200, -40],
  ]) {
    await page.mouse.move(x, y)
    await page.mouse.down()
    await page.mouse.move(x + toX, y + toY, { steps: 40 })
    await page.mouse.up()
  }
}
async function zoom() {
  await page.mouse.move(x, y)
  for (let step = 0; step < 80; step++) await page.mouse.wheel(0, step % 40 < 20 ? -60 : 60)
}
await page.waitForTimeout(1500)
await frames('panned from afar', pan)
await frames('zoomed from afar', zoom)
await page.getByPlaceholder('find in the drawing').fill('Magnus Tarrel')
for (let press = 0; press < 40; press++) await page.keyboard.press('Enter')
await page.waitForTimeout(800)
await frames('panned near', pan)
await frames('zoomed near', zoom)

const token = (await page.context().cookies()).find((cookie) => cookie.name === 'XSRF-TOKEN')
await page.request.delete(`${address}/api/trees/${tree}`, {
  headers: { 'X-XSRF-TOKEN': decodeURIComponent(token?.value ?? ''), Accept: 'application/json' },
})
await browser.close()
