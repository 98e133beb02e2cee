import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import { api, unwrap } from '../api/client'
import { useTreeId, useTreePath } from '../api/useTree'
import { NothingFound } from './NothingFound'

const LISTS = {
  source: { list: 'sources', path: 'records' },
  place: { list: 'places', path: 'places' },
  picture: { list: 'pictures', path: 'pictures' },
} as const

type Props = { what: keyof typeof LISTS; words: string; onClear: () => void }

/** Says that nothing answers to a filter, offers what comes nearest to its words, and shows all again. */
export function NoneFound({ what, words, onClear }: Props) {
  const tree = useTreeId()
  const treePath = useTreePath()
  const { list, path } = LISTS[what]
  const { data } = useQuery({
    queryKey: ['nearest', tree, list, words],
    queryFn: () =>
      unwrap(
        api.GET('/api/trees/{tree}/nearest/{list}', {
          params: { path: { tree, list }, query: { q: words } },
        }),
      ),
    enabled: words !== '',
  })
  return (
    <NothingFound
      label={`No ${what} found`}
      says={words === '' ? `No ${what} is found with these filters.` : `No ${what} is found for “${words}”.`}
      onClear={onClear}
      nearest={(data?.names ?? []).map(({ id, name }) => (
        <li key={id} className="py-[3px] font-serif text-[16px]">
          <Link className="act" to={treePath(`${path}/${id}`)}>
            {name}
          </Link>
        </li>
      ))}
    />
  )
}
