import type { Schemas } from '../../../api/client'

type Things = Schemas['CallableThings']

export type Offer = {
  key: string
  /** What it is, and which part of it. */
  label: string
  part: string
  /** In which words it will stand in the text; empty for a note. */
  told: string
  node: { type: string; attrs: Record<string, string> } | 'research'
}

const FORMS = [
  ['clause', 'all of it'],
  ['when', 'when'],
  ['where', 'where'],
  ['value', 'what'],
] as const

const MOST = 12

/** Everything that can be called in. */
export function offersOf(things: Things): Offer[] {
  return [
    ...things.facts.flatMap((fact) =>
      FORMS.filter(([form]) => fact[form] !== '').map(([form, part]) => ({
        key: `${fact.fact} ${form}`,
        label: fact.says,
        part,
        told: fact[form],
        node: {
          type: 'fact',
          attrs: { owner: fact.owner, fact: fact.fact, form, of: fact.of, told: fact[form] },
        },
      })),
    ),
    ...things.people.map((person) => ({
      key: person.id,
      label: person.name,
      part: person.life,
      told: person.name,
      node: { type: 'person', attrs: { person: person.id, told: person.name } },
    })),
    ...things.records.map((record) => ({
      key: record.record,
      label: record.note,
      part: 'note',
      told: '',
      node: { type: 'citation', attrs: { record: record.record } },
    })),
    {
      key: 'research',
      label: 'Research note',
      part: 'printed only when asked for',
      told: '',
      node: 'research',
    },
  ]
}

/** Those that have every word that was typed. */
export function matching(offers: readonly Offer[], typed: string): Offer[] {
  const words = typed.toLowerCase().split(/\s+/).filter(Boolean)
  return offers
    .filter((offer) => {
      const all = `${offer.label} ${offer.part} ${offer.told}`.toLowerCase()
      return words.every((word) => all.includes(word))
    })
    .slice(0, MOST)
}
