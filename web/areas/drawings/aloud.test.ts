import { expect, it } from 'vitest'
import { aloud } from './aloud'

const box = (personId: string, fullName: string, rule: string, mark = '') => ({
  ...{ personId, fullName, rule, mark, number: 1, x: 0, y: 0, width: 1, height: 1 },
  ...{ nameLines: [fullName], lines: ['1818–1891'], more: '', footing: '', linesAtLeft: false },
})

it('a box says whose parent it is, of what kind, how far that is proved, and how well it is cited', () => {
  const scene = {
    boxes: [
      box('kit', 'Kit Drum', 'cited', 'ad.'),
      box('wat', 'Wat Drum', 'partly'),
      box('una', 'Una Osk', 'uncited'),
    ],
    lines: [
      { points: [], dotted: true, fromId: 'kit', toId: 'wat' },
      { points: [], dotted: false, fromId: 'wat', toId: 'una' },
    ],
  }
  const said = scene.boxes.map((box) => aloud(box, scene))
  expect(said).toEqual([
    'Kit Drum, 1818–1891, cited',
    'Wat Drum, 1818–1891, adoptive parent of Kit Drum, not proved, cited in part',
    'Una Osk, 1818–1891, parent of Wat Drum, no source yet',
  ])
})
