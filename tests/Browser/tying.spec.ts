import { expect, test } from '@playwright/test'
import { ask, newTree, signIn } from './actions'

test('who is there already is found while one types and tied, by keys alone', async ({ page }) => {
  await signIn(page)
  const tree = await newTree(page, 'Tying')
  const { id: ewan } = await ask<{ id: string }>(page, 'POST', '/people', {
    line: 'Ewan Tarrel h b 1847 Hask',
  })
  await ask(page, 'POST', '/people', { line: 'Peter Tarrel h b 1820 d 1890' })
  await page.goto(`${tree}/people/${ewan}`)
  await expect(page.getByRole('region', { name: 'Facts' })).toBeVisible()
  await page.keyboard.press('a')
  await page.keyboard.press('f')
  await expect(page.getByLabel(/^Father/)).toBeFocused()
  await page.keyboard.type('Peter Tar')
  await expect(page.getByRole('option', { name: /Peter Tarrel.*1820–1890.*%/ })).toBeVisible()
  await page.keyboard.press('ArrowDown')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('region', { name: 'Kin' })).toContainText('Peter Tarrel')
  await page.goto(`${tree}/people`)
  await expect(page.getByText(/^2 /).first()).toBeVisible()
})

test('two who are picked in the list become a couple, and it is taken back', async ({ page }) => {
  await signIn(page)
  const tree = await newTree(page, 'Picking')
  for (const line of ['Ewan Tarrel h b 1847', 'Isbel Quillan w b 1850', 'Moll Corran w b 1860'])
    await ask(page, 'POST', '/people', { line })
  await page.goto(`${tree}/people`)
  await expect(page.getByText('Corran, Moll')).toBeVisible()
  await page.getByRole('grid', { name: 'People' }).focus()
  await page.keyboard.press(' ')
  await expect(page.getByText('1 chosen:')).toBeVisible()
  // The first of the list by keys, another by mouse.
  await page.getByTitle('Choose Ewan Tarrel').click()
  await expect(page.getByText('2 chosen:')).toBeVisible()
  await page.getByRole('button', { name: 'Make these two a couple' }).click()
  await expect(page.getByText(/are a couple now/).first()).toBeVisible()
  await page.getByText('Tarrel, Ewan').first().click()
  await expect(page.getByRole('region', { name: 'Kin' })).toContainText('Moll')
  await page.keyboard.press('U')
  await expect(page.getByRole('region', { name: 'Kin' })).not.toContainText('Moll')
})

test('a citation is graded as one cites, and nothing is kept until one says so', async ({ page }) => {
  await signIn(page)
  const tree = await newTree(page, 'Grading')
  const { id } = await ask<{ id: string }>(page, 'POST', '/people', { line: 'Ewan Tarrel h b 1847 Hask' })
  await page.goto(`${tree}/people/${id}`)
  await page
    .getByRole('button', { name: /Birth/ })
    .or(page.getByText('Birth', { exact: true }))
    .last()
    .click()
  await page.getByRole('button', { name: 'Cite a source' }).click()
  await page.getByLabel('Source', { exact: true }).fill('Tarrel notebook')
  await page.getByLabel('Page or entry').fill('page 2')
  await page.keyboard.press('Enter')
  const classes = page.getByRole('form', { name: 'How it is classed' })
  await expect(classes).toBeVisible()
  await classes.getByLabel('Information').selectOption('primary')
  await page.keyboard.press('Escape')
  await expect(classes).toBeHidden()
  await expect(page.getByRole('button', { name: 'How it is weighed: slight' })).toBeVisible()

  await page.getByRole('button', { name: /How it is weighed/ }).click()
  await classes.getByLabel('Weight').selectOption('strong')
  await expect(classes.getByRole('button', { name: 'Save' })).toBeDisabled()
  await classes.getByLabel('Why the rule is overruled').fill('The writer was his mother.')
  await classes.getByRole('button', { name: 'Save' }).click()
  await expect(
    page.getByRole('button', { name: 'How it is weighed: strong, against the rule' }),
  ).toBeVisible()

  // The same on the source, where it is weighed by the rule again.
  await page.getByRole('link', { name: 'Source', exact: true }).click()
  await page.getByRole('button', { name: /birth of Ewan Tarrel is weighed: strong/ }).click()
  await classes.getByLabel('Weight').selectOption('rule')
  await classes.getByRole('button', { name: 'Save' }).click()
  await expect(page.getByRole('button', { name: /birth of Ewan Tarrel is weighed: slight/ })).toBeVisible()
})
