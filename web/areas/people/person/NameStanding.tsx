import { api, unwrap, type Schemas } from '../../../api/client'
import { useTreeId, useWrite } from '../../../api/useTree'
import { StandingActions } from '../facts/StandingActions'
import { saved } from '../../../parts/saved'

/** How a name stands beside the others: let it lead, dispute it, rule it out with why. */
export function NameStanding({ name, onDone }: { name: Schemas['NameResource']; onDone: () => void }) {
  const tree = useTreeId()
  const stand = useWrite(
    (body: Schemas['StandingInput']) =>
      unwrap(
        api.POST('/api/trees/{tree}/names/{name}/standing', {
          params: { path: { tree, name: name.id } },
          body,
        }),
      ),
    () => {
      saved('Saved.')
      onDone()
    },
  )
  return (
    <div className="border-l-2 border-tide pl-3 text-[14px]">
      <StandingActions
        what="the name"
        standing={name.standing}
        says={{ accepted: 'Use this one' }}
        suggests={['It is of another person.', 'It is a clerk’s slip.']}
        onStand={(standing, why) => stand.mutate({ standing, why })}
      />
    </div>
  )
}
