import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import { queries } from '../api/queries'
import { useTree, useTreeId, useTreePath } from '../api/useTree'

type Props = {
  /** What they are about. */
  of: { person: string } | { union: string; person: string } | { place: string }
  /** What the link says by which another is begun, and whom or what it would be about. */
  begin: string
  name?: string
}

/** The texts that somebody wrote of a person, a couple or a place, and the way to begin one. */
export function TextsOf({ of, begin, name }: Props) {
  const tree = useTreeId()
  const path = useTreePath()
  const { data: about } = useTree()
  const asked = 'union' in of ? { union: of.union } : of
  const { data } = useQuery(queries.texts(tree, asked))
  return (
    <>
      {data?.texts.map(({ id, title }) => (
        <Link key={id} className="act font-serif" to={path(`reports/text/${id}`)}>
          {title}
        </Link>
      ))}
      {about?.role !== 'reader' && (
        <Link
          className="act"
          aria-label={name ? `${begin} ${name}` : undefined}
          to={path(`reports/texts/new?${new URLSearchParams(of).toString()}`)}
        >
          {begin}
        </Link>
      )}
    </>
  )
}
