import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { api, unwrap } from '../../api/client'
import { useTreeId, useWrite } from '../../api/useTree'
import { queries } from '../../api/queries'

/** Names that stand for one another in this tree, beside those that everybody knows. */
export function NameVariants() {
  const tree = useTreeId()
  const [words, setWords] = useState('')
  const { data } = useQuery(queries.nameVariants(tree))
  const say = useWrite(
    () =>
      unwrap(api.POST('/api/trees/{tree}/name-variants', { params: { path: { tree } }, body: { words } })),
    () => setWords(''),
  )
  const unsay = useWrite((nameVariant: string) =>
    unwrap(
      api.DELETE('/api/trees/{tree}/name-variants/{nameVariant}', {
        params: { path: { tree, nameVariant } },
      }),
    ),
  )
  return (
    <section>
      <h2 className="heads">Names that stand for one another here</h2>
      <ul>
        {data?.variants.map((variant) => (
          <li key={variant.id} className="flex items-baseline gap-3">
            <span className="font-serif text-[16px]">{variant.words.split(' ').join(', ')}</span>
            <button type="button" className="act text-[13px]" onClick={() => unsay.mutate(variant.id)}>
              Remove
            </button>
          </li>
        ))}
      </ul>
      <form
        className="flex items-baseline gap-4"
        onSubmit={(event) => {
          event.preventDefault()
          if (words.trim() !== '') say.mutate(undefined)
        }}
      >
        <input
          className="gap w-[280px] font-serif text-[16px]"
          aria-label="Names that stand for one another"
          placeholder="Keziah, Hezzy, Kissy"
          value={words}
          onChange={(event) => setWords(event.target.value)}
        />
        <button className="act" disabled={say.isPending}>
          Save
        </button>
      </form>
      <p className="text-[13px] text-graphite">
        Whoever is looked for by one of them is found by the others. Those that are widely known are known
        here too.
      </p>
    </section>
  )
}
