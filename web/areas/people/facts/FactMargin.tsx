import { useQuery } from '@tanstack/react-query'
import { UnmappedLines } from '../../../parts/UnmappedLines'
import { useState, type FormEvent } from 'react'
import { Link } from 'react-router'
import { api, asRead, unwrap } from '../../../api/client'
import { useTreeId, useTreePath, useWrite, type Fact } from '../../../api/useTree'
import { EditConflict } from '../../../parts/EditConflict'
import { DateField } from '../../../parts/DateField'
import { PlaceField } from '../../../parts/PlaceField'
import { ClaimImage } from '../../../parts/page/ClaimImage'
import { StyledText } from '../../../parts/StyledText'
import { ClassificationOf } from '../../questions/Classification'
import { weightOf } from '../../questions/classification'
import { AttachedPictures } from '../../pictures/AttachedPictures'
import { Cite } from '../citing/Cite'
import { Notes } from '../../../parts/Notes'
import { RestrictionField } from '../../../parts/RestrictionField'
import { Roles } from './Roles'
import { FactStanding } from './FactStanding'
import { CiteForRelatives } from '../citing/CiteForRelatives'
import { PlaceOfFact } from './PlaceOfFact'
import { FormButtons } from '../../../parts/FormButtons'
import { ReasonField } from '../../../parts/ReasonField'
import { saved } from '../../../parts/saved'
import { queries } from '../../../api/queries'

/** How tall the ink behind a citation is drawn, in pixels. */
const INK = 40

type Props = {
  fact: Fact
  person: string
  changing: boolean
  onChanging: (on: boolean) => void
  onGone: () => void
}

/** The fact in hand: first why it stands, then the words, then whatever else belongs to it. */
export function FactMargin({ fact, person, changing, onChanging, onGone }: Props) {
  const tree = useTreeId()
  const path = useTreePath()
  const [citing, setCiting] = useState(false)
  const [sharing, setSharing] = useState('')
  const [grading, setGrading] = useState('')
  const [cited, setCited] = useState('')
  const { data: beside } = useQuery(queries.besideFact(tree, fact.id, fact.version, fact.citations.length))
  const uncite = useWrite((claim: string) =>
    unwrap(api.DELETE('/api/trees/{tree}/claims/{claim}', { params: { path: { tree, claim } } })),
  )
  const remove = useWrite(
    () =>
      unwrap(
        api.DELETE('/api/trees/{tree}/facts/{fact}', {
          params: { path: { tree, fact: fact.id } },
          ...asRead(fact.version),
        }),
      ),
    () => {
      saved('Deleted.')
      onGone()
    },
  )
  const restrict = useWrite((restriction: string) =>
    unwrap(
      api.PATCH('/api/trees/{tree}/facts/{fact}', {
        params: { path: { tree, fact: fact.id } },
        body: { restriction, version: fact.version },
      }),
    ),
  )
  return (
    <div className="space-y-4">
      <header>
        <h2 className="font-serif text-[20px] leading-snug">
          {fact.word} {fact.date.shown}
        </h2>
        {fact.place !== '' && <PlaceOfFact fact={fact} />}
        {fact.date.understood !== fact.date.shown && (
          <p
            className={`text-[13px] ${fact.date.ambiguous || fact.date.problem ? 'text-ochre' : 'text-graphite'}`}
          >
            typed “{fact.date.typed}”; {fact.date.understood}
          </p>
        )}
        <FactStanding fact={fact} person={person} />
      </header>
      {changing ? (
        <ChangeFact fact={fact} onDone={() => onChanging(false)} />
      ) : (
        <p className="flex gap-4 text-[14px]">
          <button type="button" className="act" onClick={() => onChanging(true)}>
            Change <kbd>c</kbd>
          </button>
          <button type="button" className="act" onClick={() => remove.mutate(undefined)}>
            Delete
          </button>
        </p>
      )}
      <section aria-label="Evidence">
        <h3 className="heads font-semibold">Evidence</h3>
        {fact.citations.length === 0 && !citing && <p className="text-ochre">It has no source yet.</p>}
        <ol className="space-y-3">
          {fact.citations.map((citation) => (
            <li
              key={citation.claimId}
              className="group"
              onKeyDown={(event) => {
                if (event.key !== 'Escape' || grading !== citation.claimId) return
                event.stopPropagation()
                setGrading('')
              }}
            >
              <ClaimImage slip={beside?.slips.find((slip) => slip.claimId === citation.claimId)} tall={INK} />
              <p
                className={`font-serif text-[15px] leading-snug ${citation.withdrawn === '' ? '' : 'text-graphite line-through'}`}
              >
                <StyledText words={citation.note} />
              </p>
              {citation.withdrawn !== '' && (
                <p className="text-[14px] text-madder">Withdrawn: {citation.withdrawn}</p>
              )}
              {citation.words !== '' && (
                <blockquote className="mt-1 border-l-2 border-rule pl-3 whitespace-pre-wrap">
                  {citation.words}
                </blockquote>
              )}
              <p className="flex flex-wrap gap-x-3 text-[13px] whitespace-nowrap text-graphite">
                {citation.takenOver && citation.withdrawn === '' && (
                  <span>came with a file; record not read</span>
                )}
                {citation.withdrawn === '' && (
                  <button
                    type="button"
                    autoFocus={cited === citation.claimId}
                    className="act"
                    aria-expanded={grading === citation.claimId}
                    aria-label={`How it is weighed: ${weightOf(citation.weight, citation.overruled)}`}
                    onClick={() => setGrading(grading === citation.claimId ? '' : citation.claimId)}
                  >
                    {weightOf(citation.weight, citation.overruled) || 'weigh it'}
                  </button>
                )}
                <Link className="act" to={path(`records/${citation.sourceId}`)}>
                  Source
                </Link>
                <Link className="act" to={path(`records/table/${citation.recordId}`)}>
                  Record
                </Link>
                <button type="button" className="act" onClick={() => uncite.mutate(citation.claimId)}>
                  Remove
                </button>
                {citation.withdrawn === '' && (
                  <Link className="act" to={path(`questions/impact/claim/${citation.claimId}`)}>
                    What if this is wrong?
                  </Link>
                )}
                {fact.unionId === null && (
                  <button type="button" className="act" onClick={() => setSharing(citation.claimId)}>
                    Cite for relatives
                  </button>
                )}
              </p>
              {grading === citation.claimId && (
                <ClassificationOf
                  claim={citation.claimId}
                  onDone={() => setGrading('')}
                  autoFocus={cited !== citation.claimId}
                />
              )}
              {sharing === citation.claimId && (
                <CiteForRelatives claim={citation.claimId} onDone={() => setSharing('')} />
              )}
            </li>
          ))}
        </ol>
        {citing ? (
          <Cite
            factId={fact.id}
            onDone={(made) => {
              setCiting(false)
              // To grade as one cites: the classes of the new one are open at once, one Tab away; no key is taken up by them.
              setCited(made)
              if (made !== '') setGrading(made)
            }}
          />
        ) : (
          <button type="button" className="act mt-2" onClick={() => setCiting(true)}>
            Cite a source
          </button>
        )}
      </section>
      <AttachedPictures pictures={beside?.pictures ?? []} on={{ factId: fact.id }} />
      <Roles fact={fact} />
      <Notes
        subject={fact.id}
        notes={fact.notes}
        add={(text) =>
          unwrap(
            api.POST('/api/trees/{tree}/facts/{fact}/notes', {
              params: { path: { tree, fact: fact.id } },
              body: { text, isResearch: false },
            }),
          )
        }
      />
      <RestrictionField
        value={fact.restriction}
        of={`the ${fact.word.toLowerCase()}`}
        onSay={(words) => restrict.mutate(words)}
      />
      <UnmappedLines kept={fact.kept} />
    </div>
  )
}

function ChangeFact({ fact, onDone }: { fact: Fact; onDone: () => void }) {
  const tree = useTreeId()
  const [date, setDate] = useState(fact.date.typed)
  const [place, setPlace] = useState(fact.place)
  const [value, setValue] = useState(fact.value)
  const [why, setWhy] = useState('')
  const save = useWrite(
    () =>
      unwrap(
        api.PATCH('/api/trees/{tree}/facts/{fact}', {
          params: { path: { tree, fact: fact.id } },
          body: { date, place, value, why, version: fact.version },
        }),
      ),
    onDone,
  )
  const submit = (event: FormEvent) => {
    event.preventDefault()
    save.mutate(undefined)
  }
  return (
    <form
      onSubmit={submit}
      onKeyDown={(event) => event.key === 'Escape' && onDone()}
      className="space-y-2 border-l-2 border-tide pl-3"
    >
      <DateField aria-label="Date" autoFocus value={date} onValue={setDate} place={place} />
      <PlaceField aria-label="Place" value={place} onValue={setPlace} date={date} />
      <input
        className="gap w-full"
        aria-label="What it says"
        placeholder="what it says"
        value={value}
        onChange={(e) => setValue(e.target.value)}
      />
      <ReasonField
        className="gap w-full"
        aria-label="Why you change it"
        suggests={['A slip of the keys.', 'The record was read anew.']}
        placeholder="why you change it"
        value={why}
        onValue={setWhy}
      />
      <EditConflict problem={save.error} />
      <FormButtons disabled={save.isPending} onLeave={onDone} />
    </form>
  )
}
