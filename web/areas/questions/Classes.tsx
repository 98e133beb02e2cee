import { useId, useState } from 'react'
import { api, told, type Schemas } from '../../api/client'
import { useTreeId, useWrite } from '../../api/useTree'
import { BothSides } from '../../parts/BothSides'
import { KeptGap } from '../../parts/KeptGap'
import type { Row } from './axis'
import { WhyGap } from '../../parts/WhyGap'

/** How a claim is classed, with the working of its weight; the weight can be overruled with words. */
export function Classes({ row, rows, onDone }: { row: Row; rows: Row[]; onDone: () => void }) {
  const tree = useTreeId()
  const [weight, setWeight] = useState('')
  const [why, setWhy] = useState('')
  const keep = useWrite((said: Omit<Schemas['ClassInput'], 'version'>) =>
    told(
      api.PATCH('/api/trees/{tree}/claims/{claim}', {
        params: { path: { tree, claim: row.claimId } },
        body: { version: row.version, ...said },
      }),
    ),
  )
  return (
    <div
      className="flex flex-wrap items-baseline gap-x-6 gap-y-1 border-l-2 border-tide py-1 pl-4 text-[14px]"
      onKeyDown={(event) => event.key === 'Escape' && onDone()}
    >
      <Choice
        label="Source, as it was seen"
        value={row.sourceClass}
        words={['unstated', 'original', 'derivative', 'authored']}
        onValue={(sourceClass) => keep.mutate({ sourceClass })}
      />
      <Choice
        label="Information"
        value={row.information}
        words={['unstated', 'primary', 'secondary', 'undetermined']}
        onValue={(information) => keep.mutate({ information })}
      />
      <Choice
        label="Reading"
        value={row.reading}
        words={['sure', 'doubtful']}
        onValue={(reading) => keep.mutate({ reading })}
      />
      <Choice
        label="Evidence"
        value={row.evidence}
        words={['direct', 'indirect', 'negative']}
        onValue={(evidence) => keep.mutate({ evidence })}
      />
      <span className="flex items-baseline gap-x-2">
        <Said label="Told by" value={row.informant} onSaid={(informant) => keep.mutate({ informant })} />
        <Said
          label="who was"
          hint="his father; not there"
          value={row.informantTie}
          onSaid={(informantTie) => keep.mutate({ informantTie })}
        />
      </span>
      <label className="flex items-baseline gap-2">
        Copied from
        <select
          className="gap max-w-[220px]"
          value={row.leansOnId}
          onChange={(event) => keep.mutate({ leansOnId: event.target.value })}
        >
          <option value="">none of these</option>
          {rows.map(
            (other, index) =>
              other.claimId !== '' &&
              other.claimId !== row.claimId && (
                <option key={other.claimId} value={other.claimId}>
                  {index + 1}. {other.told} {other.note.map((words) => words.text).join('')}
                </option>
              ),
          )}
        </select>
      </label>
      <Said
        label="Comes from"
        hint="what all of one origin say"
        value={row.saidOrigin}
        among={rows.map((other) => other.saidOrigin)}
        onSaid={(origin) => keep.mutate({ origin })}
      />
      <form
        className="flex items-baseline gap-2"
        onSubmit={(event) => {
          event.preventDefault()
          keep.mutate({ weight, why })
        }}
      >
        <Choice
          label="Weight"
          value={weight}
          words={['', 'rule', 'strong', 'fair', 'slight']}
          onValue={setWeight}
        />
        {weight !== '' && (
          <>
            <WhyGap
              className="gap w-[240px]"
              aria-label="Why the rule is overruled"
              suggests={[
                'The informant was there and had no reason to err.',
                'The page was written long after.',
              ]}
              placeholder={weight === 'rule' ? 'by the rule again' : 'why, against the rule'}
              value={why}
              onValue={setWhy}
            />
            <button className="act" disabled={weight !== 'rule' && why.trim() === ''}>
              Say so
            </button>
          </>
        )}
      </form>
      <p className="w-full text-[13px] text-graphite">{row.working.join(' ')}</p>
      <BothSides problem={keep.error} />
    </div>
  )
}

/** A few words about the claim; among those that are said of others, where there are any. */
function Said(props: {
  label: string
  hint?: string
  value: string
  among?: string[]
  onSaid: (value: string) => void
}) {
  const list = useId()
  const known = [...new Set(props.among ?? [])].filter((one) => one !== '')
  return (
    <label className="flex items-baseline gap-2">
      {props.label}
      <KeptGap
        className="gap w-[190px]"
        value={props.value}
        placeholder={props.hint}
        {...(known.length > 0 ? { list } : {})}
        onKeep={props.onSaid}
      />
      {known.length > 0 && (
        <datalist id={list}>
          {known.map((one) => (
            <option key={one} value={one} />
          ))}
        </datalist>
      )}
    </label>
  )
}

function Choice(props: { label: string; value: string; words: string[]; onValue: (value: string) => void }) {
  return (
    <label className="flex items-baseline gap-2">
      {props.label}
      <select className="gap" value={props.value} onChange={(event) => props.onValue(event.target.value)}>
        {props.words.map((word) => (
          <option key={word} value={word}>
            {word === ''
              ? 'as it follows'
              : word === 'rule'
                ? 'by the rule'
                : word === 'unstated'
                  ? 'not said'
                  : word}
          </option>
        ))}
      </select>
    </label>
  )
}
