import { useQuery } from '@tanstack/react-query'
import { useNavigate } from 'react-router'
import { api, told } from '../../api/client'
import { useTreeId, useTreePath, useWrite } from '../../api/useTree'
import { Finder } from '../../parts/Finder'

const folded = (text: string) => text.toLowerCase().normalize('NFD').replace(/\p{M}/gu, '')

/** Begins a record of a source: its kind is found by everyday words. */
export function BeginRecord({ source, onLeave }: { source: string; onLeave: () => void }) {
  const tree = useTreeId()
  const path = useTreePath()
  const navigate = useNavigate()
  const { data } = useQuery({
    queryKey: ['record-kinds', tree],
    queryFn: () => told(api.GET('/api/trees/{tree}/record-kinds', { params: { path: { tree } } })),
    staleTime: 60_000,
  })
  const begin = useWrite(
    (kind: string) =>
      told(
        api.POST('/api/trees/{tree}/sources/{source}/records', {
          params: { path: { tree, source } },
          body: { kind },
        }),
      ),
    (made) => navigate(path(`records/table/${made.id}`)),
  )
  const kinds = data?.kinds ?? []
  return (
    <div className="my-2 max-w-[560px] border-l-2 border-tide pl-4">
      <Finder
        label="What kind of record is it? census 1881, baptism, letter …"
        queryKey={`kinds ${tree} ${kinds.length}`}
        find={async (typed) =>
          kinds
            .filter((kind) =>
              folded(typed)
                .split(/\s+/)
                .every((word) => ` ${folded(`${kind.name} ${kind.words}`)}`.includes(` ${word}`)),
            )
            .slice(0, 12)
            .map((kind) => ({
              id: kind.code,
              line: kind.name,
              more: kind.columns.map((column) => column.label.toLowerCase()).join(', '),
            }))
        }
        onChosen={(found) => begin.mutate(found.id)}
        onLeave={onLeave}
      />
    </div>
  )
}
