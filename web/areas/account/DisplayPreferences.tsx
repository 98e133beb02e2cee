import { useState } from 'react'
import { api, unwrap, type Schemas } from '../../api/client'
import { useWrite } from '../../api/useTree'

type Reading = Schemas['DisplayPreferencesResource']

/** How names and dates are shown to whoever reads, in every tree. Nothing that is stored changes by it. */
export function DisplayPreferences({ reading }: { reading: Reading }) {
  // Kept here too: two choices in quick succession must not undo one another.
  const [said, setSaid] = useState(reading)
  const keep = useWrite(
    (body: Reading) => unwrap(api.PUT('/api/account/reading', { body })),
    undefined,
    'reading',
  )
  const choice = (name: keyof Reading, label: string, choices: [string, string][]) => (
    <label className="flex items-baseline gap-3">
      <span className="w-[150px] text-graphite">{label}</span>
      <select
        className="gap"
        value={said[name]}
        onChange={(event) => {
          const next = { ...said, [name]: event.target.value }
          setSaid(next)
          keep.mutate(next)
        }}
      >
        {choices.map(([value, says]) => (
          <option key={value} value={value}>
            {says}
          </option>
        ))}
      </select>
    </label>
  )
  return (
    <section className="mt-8 space-y-1">
      <h2 className="heads font-semibold">How you read</h2>
      {choice('order', 'Names begin with', [
        ['given', 'the given name: Marion Tarrel'],
        ['surname', 'the surname: Tarrel Marion'],
      ])}
      {choice('capitals', 'Surnames are', [
        ['no', 'as written: Tarrel'],
        ['yes', 'in capitals: TARREL'],
      ])}
      {choice('married', 'Whoever married', [
        ['birth', 'keeps the birth name: Marion Tarrel'],
        ['married', 'has the married name: Marion Drum'],
        ['both', 'has both: Marion Drum, born Tarrel'],
      ])}
      {choice('dates', 'Dates are', [
        ['short', '14 Jun 1891'],
        ['long', '14 June 1891'],
        ['month first', 'June 14, 1891'],
        ['iso', '1891-06-14'],
      ])}
    </section>
  )
}
