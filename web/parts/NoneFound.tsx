import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import { useTreeId, useTreePath } from '../api/useTree'
import { NothingFound } from './NothingFound'
import { queries } from '../api/queries'

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
  const { data } = useQuery({ ...queries.nearest(tree, list, words), enabled: words !== '' })
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
