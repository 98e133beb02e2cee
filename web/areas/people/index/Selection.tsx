import { useNavigate } from 'react-router'
import { api, unwrap } from '../../../api/client'
import { useTreeId, useTreePath, useWrite } from '../../../api/useTree'
import { useCommands } from '../../../keys/commandRegistry'
import { saved } from '../../../parts/saved'
import type { Row } from './PersonRow'

/** So many stand side by side. */
const MOST_BESIDE = 4

/** Who was picked, whatever is listed now, and what can be done with them. */
export function Selection({ picked, onPicked }: { picked: Row[]; onPicked: (picked: Row[]) => void }) {
  const tree = useTreeId()
  const path = useTreePath()
  const navigate = useNavigate()
  const [one, other, ...beside] = picked
  const canCompare = other !== undefined && picked.length <= MOST_BESIDE
  const compare = () => {
    const ids = beside.map((row) => row.id).join(',')
    void navigate(path(`doubles/${one?.id}/${other?.id}${ids === '' ? '' : `?beside=${ids}`}`))
  }
  const drawn = (kind: string) =>
    void navigate(path(`drawings/${picked.map((row) => row.id).join(',')}?kind=${kind}`))
  const report = () =>
    void navigate(
      path(`reports/${other === undefined ? 'person' : 'sources'}/${picked.map((row) => row.id).join(',')}`),
    )
  useCommands([
    ...(canCompare ? [{ key: 'b', says: 'Compare those who are chosen', run: compare }] : []),
    ...(picked.length === 2 ? [{ key: 'r', says: 'How the two are related', run: () => drawn('path') }] : []),
    { key: 't', says: 'Report on those who are chosen', run: report },
    { key: 'd', says: 'Draw the kindred of those who are chosen', run: () => drawn('kindred') },
  ])
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
        <span className="text-graphite">Two can be made a couple, two to four compared.</span>
      )}
      {canCompare && (
        <button type="button" className="act" onClick={compare}>
          Compare them <kbd>b</kbd>
        </button>
      )}
      {picked.length === 2 && (
        <button type="button" className="act" onClick={() => drawn('path')}>
          How they are related <kbd>r</kbd>
        </button>
      )}
      <button type="button" className="act" onClick={() => drawn('kindred')}>
        Draw their kindred <kbd>d</kbd>
      </button>
      <button type="button" className="act" onClick={report}>
        Report <kbd>t</kbd>
      </button>
      <button type="button" className="act" onClick={() => onPicked([])}>
        Clear the choice
      </button>
    </p>
  )
}
