import { api, unwrap, type Schemas } from '../../../api/client'
import { useTreeId, useWrite } from '../../../api/useTree'
import { saved } from '../../../parts/saved'

type Row = Schemas['PersonLine']

/** Who was picked, whatever is listed now, and what can be done with them. */
export function Selection({ picked, onPicked }: { picked: Row[]; onPicked: (picked: Row[]) => void }) {
  const tree = useTreeId()
  const [one, other] = picked
  const couple = useWrite(
    () =>
      unwrap(
        api.POST('/api/trees/{tree}/people/{person}/relatives', {
          params: { path: { tree, person: one?.id ?? '' } },
          body: { relation: 'partner', personId: other?.id ?? '' },
        }),
      ),
    () => {
      saved(`${one?.name} and ${other?.name} are a couple now.`)
      onPicked([])
    },
  )
  return (
    <p className="flex flex-wrap items-baseline gap-x-4 py-1 text-[14px]" role="status">
      <span className="text-graphite">{picked.length} chosen:</span>
      <span className="font-serif text-[16px]">{picked.map((row) => row.name).join(', ')}</span>
      {picked.length === 2 ? (
        <button type="button" className="act" onClick={() => couple.mutate(undefined)}>
          Make these two a couple
        </button>
      ) : (
        <span className="text-graphite">Two can be made a couple.</span>
      )}
      <button type="button" className="act" onClick={() => onPicked([])}>
        Clear the choice
      </button>
    </p>
  )
}
