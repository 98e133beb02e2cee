import type { Schemas } from '../../api/client'
import { KeptTable, OddLines, Pictures } from './Brought'

type Props = {
  name: string
  look: Schemas['LookResource']
  onBring: () => void
  onLeave: () => void
  isBusy: boolean
}

/** A file looked at before it is brought in: what it is, how much is in it, what would be kept, and what is odd. */
export function LookedAt({ name, look, onBring, onLeave, isBusy }: Props) {
  const count = (n: number, one: string, many: string) => `${n.toLocaleString('en')} ${n === 1 ? one : many}`
  return (
    <article aria-label={`A look at ${name}`} className="mt-6 max-w-[720px] border-l-2 border-tide pl-4">
      <h2 className="font-serif text-[18px]">{name}</h2>
      <p className="text-graphite">
        version {look.version}
        {look.program !== '' && `, written by ${look.program}`}, read as {look.encoding}
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
      <p className="mt-2 flex gap-5">
        <button type="button" className="act-main" disabled={isBusy} onClick={onBring}>
          Bring it in
        </button>
        <button type="button" className="act" onClick={onLeave}>
          Leave it
        </button>
      </p>
    </article>
  )
}
