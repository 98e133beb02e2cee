import { useState } from 'react'
import type { Schemas } from '../../api/client'
import { KeptTable, OddLines, Pictures } from './ImportReport'
import { encodingName, EncodingChoice } from './EncodingChoice'
import { FileSubset, type Part } from './FileSubset'
import type { Wanted } from './useIncoming'
import { ImportTarget, type Mode } from './ImportTarget'
import { PeopleHere } from './PeopleHere'
import { count } from '../../parts/count'

type Props = {
  run: string
  name: string
  look: Schemas['FilePreviewResource']
  onBring: (wanted: Wanted) => void
  onGiveUp: () => void
  isBusy: boolean
}

/** A file looked at before it is brought in: what it is, how much is in it, what would be kept, what is odd, and what of it is wanted. */
export function FilePreview({ run, name, look, onBring, onGiveUp, isBusy }: Props) {
  const [mode, setMode] = useState<Mode>('add')
  const [treeName, setTreeName] = useState('')
  const [encoding, setEncoding] = useState(look.inDoubt ? '' : (look.readings[0]?.name ?? ''))
  const [part, setPart] = useState<Part>({ start: '', generations: 3 })
  const [copyFirst, setCopyFirst] = useState(false)
  const [taken, setTaken] = useState<string[]>([])
  const wanting = [
    ...(look.inDoubt && encoding === '' ? ['Choose how its letters read first.'] : []),
    ...(part.start === null ? ['Choose the person first.'] : []),
  ]
  return (
    <article aria-label={`A look at ${name}`} className="mt-6 max-w-[720px] border-l-2 border-tide pl-4">
      <h2 className="font-serif text-[18px]">{name}</h2>
      <p className="text-graphite">
        version {look.version}
        {look.program !== '' && `, written by ${look.program}`}, read as {encodingName(look.encoding)}
      </p>
      <p className="mt-1">
        {count(look.people, 'person', 'people')}, {count(look.families, 'family', 'families')},{' '}
        {count(look.events, 'event', 'events')}, {count(look.sources, 'source', 'sources')}
        {look.firstYear !== null &&
          `, ${look.firstYear === look.lastYear ? look.firstYear : `${look.firstYear} to ${look.lastYear}`}`}
        ; {count(look.lines, 'line', 'lines')}.
      </p>
      {look.alike !== '' && <p className="text-ochre">{look.alike}</p>}
      {look.oddCount === 0 ? (
        <p className="text-lichen">Nothing in it is odd.</p>
      ) : (
        <OddLines lines={look.odd} says="odd" count={look.oddCount} />
      )}
      <KeptTable kept={look.kept} says="would be kept and shown" />
      <Pictures found={look.picturesFound} missing={look.picturesMissing} count={look.picturesMissingCount} />
      <EncodingChoice
        readings={look.readings}
        inDoubt={look.inDoubt}
        value={encoding}
        onChange={setEncoding}
      />
      <div className="grid grid-cols-2 gap-x-6 max-sm:grid-cols-1">
        <ImportTarget
          mode={mode}
          treeName={treeName}
          onMode={setMode}
          onTreeName={setTreeName}
          copyFirst={copyFirst}
          onCopyFirst={setCopyFirst}
        />
        <FileSubset run={run} people={look.people} part={part} onChange={setPart} />
      </div>
      {mode === 'add' && look.here.length > 0 && (
        <PeopleHere total={look.hereCount} people={look.here} taken={taken} onChange={setTaken} />
      )}
      <p className="mt-3 flex items-baseline gap-5">
        <button
          type="button"
          className="act-main"
          disabled={isBusy || wanting.length > 0}
          onClick={() =>
            onBring({
              mode,
              treeName,
              encoding,
              start: part.start ?? '',
              generations: part.generations,
              copyFirst,
              take: look.here
                .filter((person) => taken.includes(person.pointer))
                .map(({ pointer, personId }) => ({ pointer, personId })),
            })
          }
        >
          Bring it in
        </button>
        <button type="button" className="act" onClick={onGiveUp}>
          Cancel
        </button>
        {wanting.length > 0 && <span className="text-[14px] text-ochre">{wanting.join(' ')}</span>}
      </p>
    </article>
  )
}
