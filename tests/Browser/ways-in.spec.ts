import { expect, test } from '@playwright/test'
import { createWriteStream, mkdtempSync, rmSync, statSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { once } from 'node:events'
import { lookAt, newTree, signIn } from './actions'

const PEOPLE = 400
let folder = ''
let large = ''

/** A file of 80 MB: few people, long notes. */
test.beforeAll(async () => {
  folder = mkdtempSync(join(tmpdir(), 'nb-'))
  large = join(folder, 'large.ged')
  const file = createWriteStream(large)
  file.write('0 HEAD\n1 GEDC\n2 VERS 7.0\n')
  const line = `2 CONT ${'the keeper wrote of wind and weather '.repeat(27)}\n`
  for (let person = 1; person <= PEOPLE; person++) {
    const note = line.repeat(Math.ceil(200_000 / line.length))
    if (!file.write(`0 @I${person}@ INDI\n1 NAME Given${person} /Tarrel/\n1 NOTE the log\n${note}`))
      await once(file, 'drain')
  }
  file.end('0 TRLR\n')
  await once(file, 'close')
  expect(statSync(large).size).toBeGreaterThan(80_000_000)
})

test.afterAll(() => rmSync(folder, { recursive: true }))

test('80 MB go up; one is stopped on its way, one is cancelled halfway, one comes in', async ({ page }) => {
  test.setTimeout(480_000)
  await signIn(page)
  const tree = await newTree(page, 'A large file')
  await page.goto(`${tree}/exchange`)

  // The fifth piece waits until it is stopped: there is a halfway, however fast or slow the machine is.
  let pieces = 0
  let goOn = () => {}
  const isStopped = new Promise<void>((resolve) => (goOn = resolve))
  await page.route('**/api/uploads/*', async (route) => {
    if (route.request().method() === 'PUT' && ++pieces === 5) await isStopped
    await route.continue().catch(() => undefined)
  })
  await lookAt(page, large)
  await expect(page.getByText(/sending, [34]\d%/)).toBeVisible()
  await page.getByRole('button', { name: 'Stop' }).click()
  await expect(page.getByRole('alert')).toContainText('Stopped')
  goOn()
  await page.unroute('**/api/uploads/*')
  await expect(page.getByRole('article')).toHaveCount(0)

  const look = await lookAt(page, large)
  const bring = look.getByRole('button', { name: 'Bring it in' })
  await bring.click({ timeout: 240_000 })
  await expect(look).toBeHidden()
  await page.getByRole('button', { name: 'Cancel' }).click({ timeout: 120_000 })
  await expect(
    page.locator('#middle').getByText('It was cancelled. Nothing of it was kept.').first(),
  ).toBeVisible({
    timeout: 120_000,
  })
  await page.goto(`${tree}/people`)
  await expect(page.getByText('Here everybody in this tree will stand')).toBeVisible()

  await page.goto(`${tree}/exchange`)
  await lookAt(page, large)
  await expect(look).toContainText(`${PEOPLE} people`, { timeout: 240_000 })
  await bring.click()
  const report = page.getByRole('article').filter({ hasText: 'large.ged' }).last()
  await expect(report).toContainText('Every line has its place.', { timeout: 240_000 })
})

test('a file goes into a new tree, and in place of one that can be put back', async ({ page }) => {
  await signIn(page)
  const tree = await newTree(page, 'To be replaced')
  const buffer = Buffer.from('0 HEAD\n1 GEDC\n2 VERS 7.0\n0 @I1@ INDI\n1 NAME Nan /Osk/\n0 TRLR\n')
  await page.goto(`${tree}/exchange`)
  const first = await lookAt(page, { name: 'a.ged', buffer })
  await first.getByLabel('into a new tree').check()
  await first.getByLabel('Name of the new tree').fill('From the island')
  await first.getByRole('button', { name: 'Bring it in' }).click()
  await page.waitForURL((url) => !url.href.startsWith(tree))
  await expect(page.getByRole('article').filter({ hasText: 'a.ged' }).last()).toContainText(
    'Every line has its place.',
  )

  await page.goto(`${tree}/exchange`)
  const second = await lookAt(page, { name: 'b.ged', buffer })
  await second.getByLabel(/in place of this tree/).check()
  await second.getByRole('button', { name: 'Bring it in' }).click()
  await page.waitForURL((url) => !url.href.startsWith(tree))
  await expect(page.getByRole('article').filter({ hasText: 'b.ged' }).last()).toContainText(
    'Every line has its place.',
  )
  await page.goto('/trees')
  const gone = page
    .getByRole('region', { name: 'Deleted trees' })
    .getByRole('listitem')
    .filter({ hasText: 'To be replaced' })
  await gone.first().getByRole('button', { name: 'Restore' }).click()
  await expect(page.getByRole('link', { name: /To be replaced/ })).not.toHaveCount(1)
})
