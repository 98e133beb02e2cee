import { api, unwrap } from '../../api/client'
import { useTreeId, useWrite } from '../../api/useTree'
import { useCommands } from '../../keys/commandRegistry'
import { saved } from '../../parts/saved'
import type { Ruled } from './useSitting'

type Props = { ruled: Ruled[]; onForget: (one: Ruled) => void }

/** What was ruled last in this sitting, a line of words; each is taken back with one key or a click. */
export function LastRulings({ ruled, onForget }: Props) {
  const tree = useTreeId()
  const back = useWrite(
    async (one: Ruled) => {
      const { person, otherPerson } = one
      if (one.joinId !== '') {
        await unwrap(
          api.POST('/api/trees/{tree}/joins/{join}/apart', {
            params: { path: { tree, join: one.joinId } },
            body: { ofKept: [], ofGone: [] },
          }),
        )
      } else {
        await unwrap(
          api.DELETE('/api/trees/{tree}/doubles/{person}/{otherPerson}/ruling', {
            params: { path: { tree, person, otherPerson } },
          }),
        )
      }
      return one
    },
    (one) => {
      onForget(one)
      saved(one.joinId === '' ? 'Ruling removed.' : 'They are two people again.')
    },
  )
  useCommands([
    {
      key: 'z',
      says: 'Take the last ruling back',
      run: () => {
        if (ruled[0]) back.mutate(ruled[0])
      },
    },
  ])
  if (ruled.length === 0) return null
  return (
    <p className="mt-1 text-[14px] text-graphite" aria-label="Last rulings">
      {ruled.map((one, at) => (
        <span key={one.person + one.otherPerson + one.says} className="mr-4">
          {one.says}{' '}
          <button type="button" className="act" onClick={() => back.mutate(one)}>
            {one.joinId === '' ? 'Remove' : 'Take apart'} {at === 0 && <kbd>z</kbd>}
          </button>
        </span>
      ))}
    </p>
  )
}
