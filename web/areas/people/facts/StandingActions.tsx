import { useState } from 'react'
import { RuleOut } from './RuleOut'

const OFFERS = { accepted: 'Let it stand', rival: 'Call it a rival', unweighed: 'Not weighed' }

type OffersProps = {
  what: string
  standing: string
  says?: Partial<typeof OFFERS>
  suggests: string[]
  onStand: (standing: string, why: string) => void
}

/** What can be said of how something stands: that it does, that it is disputed, that it is out, with why. */
export function StandingActions({ what, standing, says, suggests, onStand }: OffersProps) {
  const [ruling, setRuling] = useState(false)
  return (
    <>
      <p className="flex flex-wrap gap-x-4">
        {Object.entries({ ...OFFERS, ...says })
          .filter(([to]) => to !== standing)
          .map(([to, words]) => (
            <button key={to} type="button" className="act" onClick={() => onStand(to, '')}>
              {words}
            </button>
          ))}
        {standing !== 'ruled out' && (
          <button type="button" className="act" aria-expanded={ruling} onClick={() => setRuling(!ruling)}>
            Rule it out
          </button>
        )}
      </p>
      {ruling && (
        <RuleOut
          what={what}
          suggests={suggests}
          onRule={(why) => onStand('ruled out', why)}
          onLeave={() => setRuling(false)}
        />
      )}
    </>
  )
}
