import { describe, expect, it } from 'vitest'
import { freeCode, renamed } from './kinds'

const coded = (...codes: string[]) => codes.map((code) => ({ code }))

describe('freeCode', () => {
  it.each([
    ['nothing is taken', [], 'field1'],
    ['those before are taken', ['field1', 'field2'], 'field3'],
    ['one between was taken out', ['field1', 'field3'], 'field4'],
    ['another has the next', ['a', 'field2', 'field3'], 'field4'],
    ['the next two are taken', ['field3', 'field4'], 'field5'],
  ])('%s', (_, taken, free) => {
    expect(freeCode(coded(...taken), 'field')).toBe(free)
  })
})

describe('renamed', () => {
  it('goes on naming the field wherever it stands, and no other', () => {
    expect(renamed('{a}[, {a} of {ab}]', 'a', 'page')).toBe('{page}[, {page} of {ab}]')
  })
  it('leaves a form alone where the field had no code', () => {
    expect(renamed('{} {a}', '', 'page')).toBe('{} {a}')
  })
})
