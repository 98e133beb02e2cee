import { useInfiniteQuery } from '@tanstack/react-query'
import { Link, useNavigate } from 'react-router'
import { api, unwrap, type Schemas } from '../../api/client'
import { useTreeId, useTreePath, useWrite } from '../../api/useTree'
import { PersonLink } from '../../parts/PersonLink'
import { OpenCase } from './OpenCase'
import { queries } from '../../api/queries'

/** What disagrees in the whole tree and nobody has taken up, the worst first. */
export function Findings() {
  const tree = useTreeId()
  const found = useInfiniteQuery({
    ...queries.findings(tree),
    refetchInterval: (query) => (query.state.data?.pages[0]?.isFollowing ? 2000 : false),
  })
  const first = found.data?.pages[0]
  if (!first || (first.count === 0 && !first.isFollowing)) return null
  return (
    <section className="mt-4 max-w-[760px]" aria-label="Found">
      <h2 className="heads font-semibold">
        Found, with no question yet <span className="font-normal">({first.count})</span>
      </h2>
      {first.isFollowing && (
        <p className="text-[14px] text-graphite">What changed last is still being looked at.</p>
      )}
      <ul>
        {found.data?.pages.flatMap((page) => page.found.map((one) => <FoundLine key={one.id} one={one} />))}
      </ul>
      {found.hasNextPage && (
        <button type="button" className="act mt-2" onClick={() => void found.fetchNextPage()}>
          More
        </button>
      )}
    </section>
  )
}

function FoundLine({ one }: { one: Schemas['FindingResource'] }) {
  const tree = useTreeId()
  const path = useTreePath()
  const navigate = useNavigate()
  const takeUp = useWrite(
    () =>
      unwrap(
        api.POST('/api/trees/{tree}/questions', {
          params: { path: { tree } },
          body: { personId: one.personId, aspect: one.aspect },
        }),
      ),
    (made) => navigate(path(`questions/${made.id}`)),
  )
  return (
    <li className="flex items-baseline justify-between gap-6 border-b border-rule py-2">
      <span>
        <PersonLink id={one.personId}>{one.sentence}</PersonLink>{' '}
        <span className="text-[14px] text-graphite">{one.life}</span>
        <span className="block text-[14px]">
          <span className={one.isHard ? 'text-madder' : 'text-ochre'}>
            {one.isHard ? 'Contradicts' : 'Strains'}
          </span>
          <span className="text-graphite">: {one.ground}</span>
        </span>
      </span>
      <span className="shrink-0 text-[14px]">
        {one.people.length > 0 ? (
          <OpenCase
            says="Set up a case"
            asks={{ aspect: one.aspect as 'mother', personId: one.personId, people: one.people }}
          />
        ) : one.aspect.endsWith(' window') ? (
          <Link className="act" to={path(`people/${one.personId}`)}>
            Look at the person
          </Link>
        ) : (
          <button
            type="button"
            className="act"
            aria-label={`Open a question: ${one.sentence}`}
            disabled={takeUp.isPending}
            onClick={() => takeUp.mutate(undefined)}
          >
            Open a question
          </button>
        )}
      </span>
    </li>
  )
}
