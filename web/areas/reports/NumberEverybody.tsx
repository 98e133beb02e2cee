import type { Options } from '../../api/queries'
import { saved } from '../../parts/saved'
import { useNumbering } from '../../parts/useNumbering'
import type { Kind } from './KindNav'

type Props = { kind: Kind; subject: string; options: Options }

/** From a report that numbers people to the same numbers beside everybody's name. */
export function NumberEverybody({ kind, subject, options }: Props) {
  const { numbering, choose } = useNumbering()
  if (!numbering?.systems.some(({ code }) => code === kind.code)) return null
  const isChosen = numbering.system === kind.code && numbering.personIds.join(',') === subject
  const says = (name: string) =>
    (options[name] ?? kind.options.find((option) => option.name === name)?.usual) === 'yes'
  if (isChosen)
    return <p className="mt-2 text-[13px] text-graphite">Everybody is numbered so in the index.</p>
  return (
    <button
      type="button"
      className="act mt-2 self-start"
      onClick={() =>
        choose.mutate(
          {
            system: kind.code,
            personIds: subject.split(',').slice(0, 2),
            adopted: says('adopted'),
            step: says('step'),
            unproved: says('unproved'),
          },
          { onSuccess: () => saved('Everybody is numbered so, in the index and beside names.') },
        )
      }
    >
      Number everybody so
    </button>
  )
}
