import { useQuery } from '@tanstack/react-query'
import { useTreeId } from '../../../api/useTree'
import { NothingFound } from '../../../parts/NothingFound'
import { PersonLink } from '../../../parts/PersonLink'
import { queries } from '../../../api/queries'

/** Says that nobody was found, and offers whoever comes nearest: by other forms of the name, by sound, by likeness. */
export function Nearest({ words, onClear }: { words: string; onClear: () => void }) {
  const tree = useTreeId()
  const { data } = useQuery({ ...queries.jump(tree, words), enabled: words !== '' })
  return (
    <NothingFound
      label="Nobody found"
      says={words === '' ? 'Nobody is found with these filters.' : `Nobody is found for “${words}”.`}
      onClear={onClear}
      nearest={(data?.people ?? []).map((person) => (
        <li key={person.id} className="flex items-baseline gap-4 py-[3px]">
          <span className="font-serif text-[16px]">
            <PersonLink id={person.id}>{person.name}</PersonLink>
          </span>
          <span className="text-[14px] text-graphite">
            {[person.born, person.died].filter(Boolean).join(' – ')} no. {person.number}
          </span>
        </li>
      ))}
    />
  )
}
