import { useQuery } from '@tanstack/react-query'
import { queries } from '../../api/queries'
import { useTreeId } from '../../api/useTree'
import { count } from '../../parts/count'
import { PersonLink } from '../../parts/PersonLink'

/** How two people are related, in words; each way with the people along it. */
export function Related({ of, who }: { of: string; who: string }) {
  const tree = useTreeId()
  const { data } = useQuery(queries.kinship(tree, of, who))
  if (!data) return null
  return (
    <section aria-label="How they are related" className="max-h-[30vh] overflow-auto px-6 pb-2 text-[15px]">
      {data.found.length === 0 && (
        <p>
          {data.who.name} and {data.of.name} are not related as far as the tree tells.
        </p>
      )}
      <ul>
        {data.found.map((each) => (
          <li key={`${each.kind} ${each.term}`}>
            <details>
              <summary>
                <span className="font-serif text-[16px]">{data.who.name}</span> is the{' '}
                <strong className="font-semibold">{each.term}</strong> of{' '}
                <span className="font-serif text-[16px]">{data.of.name}</span>
                <span className="text-graphite">, {count(each.total, 'path')}</span>
              </summary>
              <ol className="pl-6">
                {each.paths.map((path, at) => (
                  <li key={at}>
                    {path.people.map((person, step) => (
                      <span key={person.id}>
                        {step > 0 && ' – '}
                        <PersonLink id={person.id}>{person.name}</PersonLink>
                      </span>
                    ))}
                  </li>
                ))}
              </ol>
            </details>
          </li>
        ))}
      </ul>
    </section>
  )
}
