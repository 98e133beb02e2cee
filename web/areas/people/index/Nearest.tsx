import { useQuery } from '@tanstack/react-query'
import { api, unwrap } from '../../../api/client'
import { useTreeId } from '../../../api/useTree'
import { PersonLink } from '../../../parts/PersonLink'

/** Says that nobody was found, and offers whoever comes nearest: by other forms of the name, by sound, by likeness. */
export function Nearest({ words, onClear }: { words: string; onClear: () => void }) {
  const tree = useTreeId()
  const { data } = useQuery({
    queryKey: ['jump', tree, words],
    queryFn: () =>
      unwrap(api.GET('/api/trees/{tree}/jump', { params: { path: { tree }, query: { q: words } } })),
    enabled: words !== '',
  })
  return (
    <section aria-label="Nobody found" className="max-w-[640px] py-4">
      <p className="font-serif text-[18px]">
        {words === '' ? 'Nobody is found with these filters.' : `Nobody is found for “${words}”.`}{' '}
        <button type="button" className="act font-sans text-[15px]" onClick={onClear}>
          Clear the filters
        </button>
      </p>
      {data && data.people.length > 0 && (
        <>
          <h2 className="heads mt-3 font-semibold">The nearest</h2>
          <ul>
            {data.people.map((person) => (
              <li key={person.id} className="flex items-baseline gap-4 py-[3px]">
                <span className="font-serif text-[16px]">
                  <PersonLink id={person.id}>{person.name}</PersonLink>
                </span>
                <span className="text-[14px] text-graphite">
                  {[person.born, person.died].filter(Boolean).join(' – ')} no. {person.number}
                </span>
              </li>
            ))}
          </ul>
        </>
      )}
    </section>
  )
}
