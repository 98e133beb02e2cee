import { useQuery } from '@tanstack/react-query'
import { useId, useState, type FormEvent } from 'react'
import { api, unwrap } from '../../api/client'
import { useTreeId, useWrite } from '../../api/useTree'
import { EditConflict } from '../../parts/EditConflict'
import { FormButtons } from '../../parts/FormButtons'
import { ReasonField } from '../../parts/ReasonField'
import type { Row } from './axis'
import { classingOf, changesOf, type Classing } from './classification'
import { saved } from '../../parts/saved'
import { queries } from '../../api/queries'

type Props = { row: Row; rows: Row[]; onDone: () => void; autoFocus?: boolean }

/** The classes of any claim, asked for where it stands: on a fact, a record, a source. */
export function ClassificationOf({
  claim,
  onDone,
  autoFocus = true,
}: Omit<Props, 'row' | 'rows'> & { claim: string }) {
  const tree = useTreeId()
  const { data, error } = useQuery(queries.claim(tree, claim))
  if (error) return <p className="text-[14px] text-madder">{error.message}</p>
  if (!data) return <p className="text-[14px] text-graphite">One moment…</p>
  return (
    <Classification
      key={data.row.version}
      row={data.row}
      rows={data.rows}
      onDone={onDone}
      autoFocus={autoFocus}
    />
  )
}

/** How a claim is classed, with the working of its weight, which words can overrule. Nothing is saved until it is kept. */
export function Classification({ row, rows, onDone, autoFocus = true }: Props) {
  const tree = useTreeId()
  const [now, setNow] = useState<Classing>(() => classingOf(row))
  const said = changesOf(row, now)
  const keep = useWrite(
    () =>
      unwrap(
        api.PATCH('/api/trees/{tree}/claims/{claim}', {
          params: { path: { tree, claim: row.claimId } },
          body: { version: row.version, ...said },
        }),
      ),
    () => {
      saved('Classed.')
      onDone()
    },
  )
  const gap = (field: keyof Classing) => ({
    value: now[field],
    onValue: (value: string) => setNow((before) => ({ ...before, [field]: value })),
  })
  const isOverruled = now.weight !== 'rule'
  const lacksWords = isOverruled && now.why.trim() === ''
  const isSame = Object.keys(said).length === 0
  const submit = (event: FormEvent) => {
    event.preventDefault()
    if (!lacksWords && !isSame && !keep.isPending) keep.mutate(undefined)
  }
  return (
    <form
      aria-label="How it is classed"
      className="my-1 flex flex-wrap items-baseline gap-x-6 gap-y-1 border-l-2 border-tide py-1 pl-4 text-[14px]"
      onSubmit={submit}
      onKeyDown={(event) => {
        if (event.key !== 'Escape') return
        event.stopPropagation()
        onDone()
      }}
    >
      <Choice
        label="Source, as it was seen"
        words={['unstated', 'original', 'derivative', 'authored']}
        autoFocus={autoFocus}
        {...gap('sourceClass')}
      />
      <Choice
        label="Information"
        words={['unstated', 'primary', 'secondary', 'undetermined']}
        {...gap('information')}
      />
      <Choice label="Reading" words={['sure', 'doubtful']} {...gap('reading')} />
      <Choice label="Evidence" words={['unstated', 'direct', 'indirect', 'negative']} {...gap('evidence')} />
      <Said label="Told by" {...gap('informant')} />
      <Said label="who was" hint="his father; not there" {...gap('informantTie')} />
      {rows.length > 1 && (
        <label className="flex items-baseline gap-2">
          Copied from
          <select
            className="gap max-w-[220px]"
            value={now.derivedFromId}
            onChange={(event) => gap('derivedFromId').onValue(event.target.value)}
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
      )}
      <Said
        label="Comes from"
        hint="what all of one origin say"
        among={rows.map((row) => row.said.origin)}
        {...gap('origin')}
      />
      <Choice label="Weight" words={['rule', 'strong', 'fair', 'slight']} {...gap('weight')} />
      {isOverruled && (
        <ReasonField
          className="gap w-[240px] max-w-full"
          aria-label="Why the rule is overruled"
          suggests={['The informant was there and had no reason to err.', 'The page was written long after.']}
          placeholder="why, against the rule"
          {...gap('why')}
        />
      )}
      <p className="w-full text-[13px] text-graphite">
        <span className="font-semibold">{row.weight}</span>: {row.working.join(' ')}
      </p>
      <EditConflict problem={keep.error} />
      <FormButtons disabled={isSame || lacksWords || keep.isPending} onLeave={onDone} />
    </form>
  )
}

/** A few words about the claim; among those that are said of others, where there are any. */
function Said(props: {
  label: string
  hint?: string
  value: string
  among?: string[]
  onValue: (value: string) => void
}) {
  const list = useId()
  const known = [...new Set(props.among ?? [])].filter((one) => one !== '')
  return (
    <label className="flex items-baseline gap-2">
      {props.label}
      <input
        className="gap w-[190px] max-w-full"
        value={props.value}
        placeholder={props.hint}
        autoComplete="off"
        {...(known.length > 0 ? { list } : {})}
        onChange={(event) => props.onValue(event.target.value)}
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

const WORDS: Record<string, string> = { rule: 'by the rule', unstated: 'not said' }

function Choice(props: {
  label: string
  value: string
  words: string[]
  autoFocus?: boolean | undefined
  onValue: (value: string) => void
}) {
  return (
    <label className="flex items-baseline gap-2">
      {props.label}
      <select
        className="gap"
        autoFocus={props.autoFocus}
        value={props.value}
        onChange={(event) => props.onValue(event.target.value)}
      >
        {props.words.map((word) => (
          <option key={word} value={word}>
            {WORDS[word] ?? word}
          </option>
        ))}
      </select>
    </label>
  )
}
