import type { Fact } from '../../api/useTree'
import { Notches } from '../../parts/Notches'

type Props = { facts: Fact[]; chosen: string; onChoose: (id: string) => void; onAdd: () => void }

/** A fact in a line: age, kind, date with its marks, place, first words. */
export function FactList({ facts, chosen, onChoose, onAdd }: Props) {
  return (
    <section aria-label="Facts" className="min-h-0 grow overflow-auto border-t border-rule">
      <div className="heads sticky top-0 grid grid-cols-[52px_130px_180px_minmax(0,1fr)] gap-3 bg-paper py-1 max-sm:hidden">
        <span>Age</span>
        <span>Fact</span>
        <span>When</span>
        <span>Where, and what it says</span>
      </div>
      <ul>
        {facts.map((fact) => (
          <li key={fact.id}>
            <button
              type="button"
              onClick={() => onChoose(fact.id)}
              aria-pressed={fact.id === chosen}
              className={`grid min-h-[32px] w-full grid-cols-[52px_130px_180px_minmax(0,1fr)] items-center gap-x-3 text-left max-sm:grid-cols-[52px_1fr_1fr] max-sm:py-1 ${fact.id === chosen ? 'bg-wash' : 'hover:bg-wash/60'}`}
            >
              <span className="whitespace-nowrap text-graphite">{fact.age}</span>
              <span className="truncate" title={fact.word}>
                {fact.word}
              </span>
              <span className="flex min-w-0 items-center gap-2">
                {fact.rivals > 0 && (
                  <span
                    role="img"
                    aria-label="A rival exists"
                    title="A rival exists"
                    className="font-semibold text-madder"
                  >
                    ‖
                  </span>
                )}
                <span
                  className={`truncate ${fact.date.ambiguous || fact.date.problem ? 'text-ochre' : ''}`}
                  title={fact.date.understood}
                >
                  {fact.date.shown || <span className="text-graphite italic">when?</span>}
                </span>
                <Notches citations={fact.citations} />
              </span>
              <span className="truncate max-sm:col-span-3 max-sm:pl-[64px]">
                {fact.with !== '' && <span className="font-serif text-[16px]">with {fact.with} </span>}
                {fact.value !== '' && <span>{fact.value} </span>}
                <span className="text-graphite">{fact.place}</span>
                {fact.notes.length > 0 && <span className="text-graphite"> · {fact.notes[0]}</span>}
              </span>
            </button>
          </li>
        ))}
      </ul>
      {facts.length === 0 && (
        <p className="py-3 text-graphite">
          Nothing is known of this life yet.{' '}
          <button type="button" className="act" onClick={onAdd}>
            Add a birth
          </button>
        </p>
      )}
    </section>
  )
}
