import { useState } from 'react'
import { toast } from 'sonner'
import { api, told, type Schemas } from '../../api/client'
import { useTreeId, useWrite } from '../../api/useTree'
import { WhyGap } from '../../parts/WhyGap'

/** How a name stands beside the others: let it lead, dispute it, rule it out with why. */
export function StandingOfName({ name, onDone }: { name: Schemas['NameResource']; onDone: () => void }) {
  const tree = useTreeId()
  const [why, setWhy] = useState<string | null>(null)
  const stand = useWrite(
    (standing: string) =>
      told(
        api.POST('/api/trees/{tree}/names/{name}/standing', {
          params: { path: { tree, name: name.id } },
          body: { standing, why: why ?? '' },
        }),
      ),
    () => {
      toast.success('Said. u takes it back.')
      onDone()
    },
  )
  const offers = [
    { standing: 'accepted', says: 'Let this one lead' },
    { standing: 'rival', says: 'Call it a rival' },
    { standing: 'unweighed', says: 'Leave it unweighed' },
  ].filter((offer) => offer.standing !== name.standing)
  return (
    <div className="border-l-2 border-tide pl-3 text-[14px]">
      <p className="flex flex-wrap gap-x-4">
        {offers.map((offer) => (
          <button
            key={offer.standing}
            type="button"
            className="act"
            onClick={() => stand.mutate(offer.standing)}
          >
            {offer.says}
          </button>
        ))}
        {name.standing !== 'ruled out' && (
          <button type="button" className="act" onClick={() => setWhy(why === null ? '' : null)}>
            Rule it out
          </button>
        )}
      </p>
      {why !== null && (
        <form
          className="mt-1 flex items-baseline gap-3"
          onSubmit={(event) => {
            event.preventDefault()
            stand.mutate('ruled out')
          }}
        >
          <WhyGap
            className="gap grow"
            aria-label="Why the name is ruled out"
            placeholder="why, so that nobody finds it again"
            suggests={['It is of another person.', 'It is a clerk’s slip.']}
            autoFocus
            value={why}
            onValue={setWhy}
          />
          <button className="act" disabled={why.trim() === ''}>
            Rule it out
          </button>
        </form>
      )}
    </div>
  )
}
