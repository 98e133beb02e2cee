import type { Page } from '@playwright/test'

type Person = { given: string; sex: 'M' | 'F'; born: number; role: string }

export type Household = { surname: string; people: Person[]; maiden: string; wed: number }

const MEN = ['Ewan', 'Magnus', 'Donal', 'Finlay', 'Hew', 'Rory', 'Peter', 'Gavin', 'Tam', 'Alec']
const WOMEN = ['Isbel', 'Kirsty', 'Una', 'Brida', 'Lilias', 'Jean', 'Marion', 'Elspet', 'Grizel', 'Nan']
const SURNAMES = ['Tarrel', 'Quillan', 'Maddern', 'Averay', 'Drum', 'Corran', 'Penhask']

/** Numbers from 0 to 1 that follow from a seed. */
function numbers(seed: number): () => number {
  let state = seed
  return () => {
    state = (state * 1664525 + 1013904223) % 4294967296
    return state / 4294967296
  }
}

/** A household of nine in the spring of 1881: a couple, five children, a lodger and a visitor. The youngest is new. */
export function household(seed: number): Household {
  const next = numbers(seed)
  const draw = (from: string[]) => from.splice(Math.floor(next() * from.length), 1)[0] as string
  const [men, women, surnames] = [[...MEN], [...WOMEN], [...SURNAMES]]
  const wed = 1862 + Math.floor(next() * 6)
  const people: Person[] = [
    { given: draw(men), sex: 'M', born: wed - 24, role: 'Head' },
    { given: draw(women), sex: 'F', born: wed - 21, role: 'Wife' },
  ]
  for (let child = 0; child < 5; child++) {
    const sex = next() < 0.5 ? 'M' : 'F'
    people.push({
      given: draw(sex === 'M' ? men : women),
      sex,
      born: wed + 1 + child * 2,
      role: sex === 'M' ? 'Son' : 'Daur',
    })
  }
  people.push({ given: draw(men), sex: 'M', born: 1840, role: 'Lodger' })
  people.push({ given: draw(women), sex: 'F', born: 1855, role: 'Visitor' })
  return { surname: draw(surnames), people, maiden: draw(surnames), wed }
}

/** The page of it, as a picture. */
export async function pictureOf(page: Page, house: Household): Promise<Buffer> {
  const drawn = await page.context().newPage()
  await drawn.setViewportSize({ width: 1600, height: 900 })
  const rows = house.people
    .map(
      (one, at) =>
        `<tr><td>${one.given}
          ${at < 7 ? house.surname : 'Marsh'}</td><td>${one.role}</td><td>${1880 - one.born}</td><td>${one.sex}</td></tr>`,
    )
    .join('')
  await drawn.setContent(
    `<body style="background:#efe3c8;font:italic 34px serif;margin:60px"><h1 style="font-size:40px">Census of 1881</h1><table
      style="width:100%">${rows}</table></body>`,
  )
  const picture = await drawn.screenshot({ type: 'png' })
  await drawn.close()
  return picture
}
