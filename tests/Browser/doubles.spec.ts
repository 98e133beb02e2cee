import { expect, test } from '@playwright/test'
import { demoTree, signIn } from './actions'

test('the woman whom two cousins entered is found, compared, joined with her five children and taken apart, by keys alone', async ({
  page,
}) => {
  await signIn(page)
  await demoTree(page)
  await expect(page.getByRole('combobox', { name: /Jump/ })).toBeVisible()
  await page.keyboard.press('g')
  await page.keyboard.press('b')
  await expect(page.getByRole('heading', { name: 'Doubles' })).toBeVisible()
  await page.keyboard.press('a')
  await expect(page.getByLabel('Words of the name')).toBeFocused()
  await page.keyboard.press('Enter')
  await expect(page.getByRole('listbox', { name: 'Pairs' })).toBeFocused()
  const isbel = page.getByRole('option', { name: /Isbel Quillan.*Isbel Maddern/ })
  await expect(isbel).toBeVisible({ timeout: 30_000 })
  await expect(page.getByText(/Last search, everybody: \d+ looked at/)).toBeVisible()
  const toDo = await page.getByRole('status').filter({ hasText: 'to do' }).first().innerText()

  await page.keyboard.press('Enter')
  await expect(page.getByRole('heading', { name: 'Are these one person?' })).toBeVisible()
  await expect(page.getByRole('row', { name: /Birth ≈ fits/ })).toContainText('4 Oct 1804')
  await expect(page.getByText('They have partners in common.')).toBeHidden()
  for (const [stays, line] of [
    ['Isbel Quillan', 'Children who are double by it, offered next: Tam Maddern'],
    ['Tam Maddern', 'One given name'],
    ['Maddern', ''],
    ['Maddern', ''],
    ['Maddern', ''],
    ['Maddern', ''],
  ]) {
    await expect(page.getByRole('columnheader', { name: new RegExp(`${stays}.*stays`) })).toBeVisible()
    await page.keyboard.press('s')
    const plan = page.getByRole('form', { name: 'What joining them does' })
    // The first plan comes while the pictures of the demo are still being made ready.
    await expect(plan.getByRole('button', { name: 'Join these two' })).toBeFocused({ timeout: 60_000 })
    if (line?.startsWith('Children')) await expect(plan).toContainText(line)
    const before = page.url()
    await page.keyboard.press('Enter')
    await expect(page).not.toHaveURL(before)
    // The address changes before the page does.
    await expect(plan).toBeHidden()
  }
  const last = page.getByLabel('Last rulings')
  await expect(last.getByRole('button')).toHaveCount(6)

  for (let left = 5; left > 0; left--) {
    await page.keyboard.press('z')
    await expect(last.getByRole('button')).toHaveCount(left)
  }
  await page.keyboard.press('z')
  await expect(last).toBeHidden()
  await page.keyboard.press('Escape')
  await expect(page.getByRole('heading', { name: 'Doubles' })).toBeVisible()

  // Joined and taken apart, the pairs are found again by the next search.
  await page.keyboard.press('a')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('status').filter({ hasText: toDo }).first()).toBeVisible({ timeout: 30_000 })
})
