import { useQuery } from '@tanstack/react-query'
import { useTreeId } from '../../api/useTree'
import { Finder } from '../../parts/Finder'
import { queries } from '../../api/queries'

const folded = (text: string) => text.toLowerCase().normalize('NFD').replace(/\p{M}/gu, '')

type Props = { label: string; onChosen: (code: string) => void; onLeave: () => void }

/** Finds a kind of record by everyday words. */
export function RecordKindFinder({ label, onChosen, onLeave }: Props) {
  const tree = useTreeId()
  const { data } = useQuery({ ...queries.recordKinds(tree), staleTime: 60_000 })
  const kinds = data?.kinds ?? []
  return (
    <Finder
      label={label}
      queryKey={`kinds ${kinds.length}`}
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
      onChosen={(found) => onChosen(found.id)}
      onLeave={onLeave}
    />
  )
}
