import { describe, expect, it } from 'vitest'
import { scaleOf, spanOf, candidateAt, type Row, type Candidate } from './axis'
import { classWords, classingOf, changesOf, weightOf } from './classification'

const row = (said: Partial<Row> = {}): Row => ({
  claimId: 'claim',
  version: 1,
  factId: 'fact',
  standing: 'unweighed',
  origin: 0,
  words: '',
  note: [],
  recordId: 'record',
  sourceClass: 'original',
  information: 'primary',
  reading: 'sure',
  weight: 'strong',
  working: [],
  told: '3 May 1818',
  place: '',
  from: 100,
  fitsFrom: 100,
  fitsTo: 200,
  to: 200,
  slip: null,
  evidence: 'direct',
  said: { informant: '', informantTie: '', origin: '' },
  derivedFromId: '',
  saidWeight: '',
  saidWhy: '',
  ...said,
})

describe('classesOf', () => {
  it.each([
    ['direct evidence goes without saying', {}, 'original, primary'],
    ['indirect does not', { evidence: 'indirect' }, 'original, primary, indirect'],
    ['a doubtful reading', { reading: 'doubtful' }, 'original, primary, doubtful reading'],
    ['copied', { derivedFromId: 'other' }, 'original, primary, copied'],
    ['not said is left out', { information: 'unstated' }, 'original'],
    [
      'nothing is said',
      { sourceClass: 'unstated', information: 'unstated', evidence: 'unstated' },
      'not classed yet',
    ],
  ] as [string, Partial<Row>, string][])('%s', (_, said, words) => {
    expect(classWords(row(said))).toBe(words)
  })
})

describe('weightOf', () => {
  it('says when somebody weighed against the rule', () => {
    expect(weightOf('fair', true)).toBe('fair, against the rule')
    expect(weightOf('fair', false)).toBe('fair')
    expect(weightOf('withdrawn', true)).toBe('withdrawn')
  })
})

describe('saidOf', () => {
  it('is nothing while nothing was changed', () => {
    expect(changesOf(row(), classingOf(row()))).toEqual({})
    const overruled = row({ saidWeight: 'fair', saidWhy: 'The clerk knew.' })
    expect(changesOf(overruled, classingOf(overruled))).toEqual({})
  })
  it('is only what was changed', () => {
    expect(changesOf(row(), { ...classingOf(row()), informant: 'Jean Osk' })).toEqual({
      informant: 'Jean Osk',
    })
    expect(changesOf(row({ derivedFromId: 'x' }), { ...classingOf(row()), derivedFromId: '' })).toEqual({
      derivedFromId: '',
    })
  })
  it('sends a weight with its words, whichever of them was changed', () => {
    const overruled = row({ saidWeight: 'fair', saidWhy: 'The clerk knew.' })
    expect(changesOf(overruled, { ...classingOf(overruled), why: 'The clerk was there.' })).toEqual({
      weight: 'fair',
      why: 'The clerk was there.',
    })
    expect(changesOf(overruled, { ...classingOf(overruled), weight: 'rule' })).toMatchObject({
      weight: 'rule',
    })
  })
})

describe('the axis', () => {
  const scale = scaleOf([
    { day: 0, year: '1810' },
    { day: 1000, year: '1820' },
  ])
  it('puts days between its ends', () => {
    expect([scale.at(0), scale.at(250), scale.at(1000)]).toEqual([0, 0.25, 1])
    expect([scale.at(-50), scale.at(5000)]).toEqual([0, 1])
  })
  it('is there for one day and for none', () => {
    expect(scaleOf([]).at(0)).toBe(0)
    expect(scaleOf([{ day: 7, year: '1810' }]).last).toBe(8)
  })
  it('runs an open side to the edge', () => {
    expect(spanOf(row({ from: 0, fitsFrom: 0 }), scale)).toMatchObject({ left: 0, hardLeft: 0 })
    expect(spanOf(row({ to: 0, fitsTo: 0 }), scale)).toMatchObject({ right: 1, hardRight: 1 })
    expect(spanOf(row({ from: 0, to: 0 }), scale).isEmpty).toBe(true)
  })
  it('keeps what the words fix inside of what is allowed', () => {
    const span = spanOf(row({ from: 100, fitsFrom: 150, fitsTo: 180, to: 300 }), scale)
    expect(span.left).toBeLessThan(span.hardLeft)
    expect(span.hardLeft).toBeLessThan(span.hardRight)
    expect(span.hardRight).toBeLessThan(span.right)
  })
  it('finds the narrowest stop that holds a day', () => {
    const stop = (from: number, to: number) => ({ from, to }) as Candidate
    const stops = [stop(0, 0), stop(10, 90), stop(40, 50), stop(45, 0)]
    expect(candidateAt(stops, 45)).toBe(2)
    expect(candidateAt(stops, 20)).toBe(1)
    expect(candidateAt(stops, 95)).toBe(-1)
    expect(candidateAt([], 45)).toBe(-1)
  })
})
