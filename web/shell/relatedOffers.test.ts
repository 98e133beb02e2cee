import { expect, test } from 'vitest'
import { twoOf } from './relatedOffers'

test.each([
  ['Ewan Tarrel to Ailie Averay', ['Ewan Tarrel', 'Ailie Averay']],
  ['3 to 108', ['3', '108']],
  ['  Ewan  to  Ailie ', ['Ewan', 'Ailie']],
  ['from Tom to Toto', ['from Tom', 'Toto']],
  ['Ewan to', ['', '']],
  ['to Ewan', ['', '']],
  ['Tolsay', ['', '']],
])('%s is %s', (typed, two) => {
  expect(twoOf(typed)).toEqual(two)
})
