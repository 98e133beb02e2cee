import type { Schemas } from '../../api/client'

type Word = Schemas['ComparedLine']['word']

/** A mark before the word, so that no meaning rests on colour. */
export const MARKS: Record<Word, { mark: string; colour: string }> = {
  agrees: { mark: '=', colour: 'text-lichen' },
  fits: { mark: '≈', colour: 'text-lichen' },
  differs: { mark: '≠', colour: 'text-ochre' },
  strains: { mark: '≠', colour: 'text-ochre' },
  contradicts: { mark: '✕', colour: 'text-madder' },
  'told of one': { mark: '', colour: 'text-graphite' },
}

/** Lines that need no look: everything that is told agrees. */
export const isSettled = (line: Schemas['ComparedLine']) => line.word === 'agrees'

/** Which line of the page a sentence of the working speaks at. */
export const LINE_OF: Record<string, string> = {
  'given name': 'Name',
  surname: 'Name',
  sex: 'Sex',
  birth: 'Birth',
  birthplace: 'Birth',
  death: 'Death',
  'place of death': 'Death',
  parents: 'Parents',
  siblings: 'Parents',
  partners: 'Partners',
  children: 'Children',
}
