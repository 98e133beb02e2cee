import { useState } from 'react'
import { useNavigate } from 'react-router'
import { api, unwrap } from '../../../api/client'
import { useTreeId, useTreePath, useWrite, type Fact } from '../../../api/useTree'
import { RuleOut } from './RuleOut'
import { saved } from '../../../parts/saved'

const SAYS: Record<string, string> = {
  accepted: 'Accepted.',
  rival: 'A rival: another value is used.',
  'ruled out': 'Ruled out: it stays, so that nobody finds it again.',
}

/** How a fact stands beside others of its kind, and what can be done about it: weigh them, let this one lead, rule it out. */
export function FactStanding({ fact, person }: { fact: Fact; person: string }) {
  const tree = useTreeId()
  const path = useTreePath()
  const navigate = useNavigate()
  const [ruling, setRuling] = useState(false)
  const at = { params: { path: { tree, fact: fact.id } } }
  const weigh = useWrite(
    () =>
      unwrap(
        api.POST('/api/trees/{tree}/questions', {
          params: { path: { tree } },
          body: { personId: person, aspect: fact.kind },
        }),
      ),
    (made) => navigate(path(`questions/${made.id}`)),
  )
  const lead = useWrite(
    () => unwrap(api.POST('/api/trees/{tree}/facts/{fact}/lead', { ...at, body: {} })),
    () => saved('Saved.'),
  )
  const ruleOut = useWrite(
    (why: string) => unwrap(api.POST('/api/trees/{tree}/facts/{fact}/rule-out', { ...at, body: { why } })),
    () => setRuling(false),
  )
  if (fact.rivals === 0 && fact.standing === 'unweighed') return null
  return (
    <div className="text-[14px]">
      {SAYS[fact.standing] && <p>{SAYS[fact.standing]}</p>}
      {fact.rivals > 0 && (
        <p className="text-madder">
          ‖ {fact.rivals === 1 ? 'A record gives another value' : `Records give ${fact.rivals} other values`}
          {fact.disagrees ? '.' : '; both can be true.'}
        </p>
      )}
      <p className="flex flex-wrap gap-x-4">
        {fact.disagrees && (
          <button type="button" className="act" onClick={() => weigh.mutate(undefined)}>
            Weigh them
          </button>
        )}
        {fact.standing !== 'accepted' && (
          <button type="button" className="act" onClick={() => lead.mutate(undefined)}>
            Use this one
          </button>
        )}
        {fact.standing !== 'ruled out' && fact.rivals > 0 && (
          <button type="button" className="act" onClick={() => setRuling(true)}>
            Rule it out
          </button>
        )}
      </p>
      {ruling && <RuleOut what="it" onRule={(why) => ruleOut.mutate(why)} onLeave={() => setRuling(false)} />}
    </div>
  )
}
