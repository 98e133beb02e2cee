import { useQuery } from '@tanstack/react-query'
import { useParams } from 'react-router'
import { queries } from '../../api/queries'
import { useTree, useTreeId } from '../../api/useTree'
import { useWindowState } from '../../parts/useWindowState'
import { KindNav } from './KindNav'
import { Printed } from './Printed'
import { Subject } from './Subject'
import { aboutOf } from './subjects'

/** The kinds of report at the left, one as it will be printed, and what it is about and what can be chosen of it at its side. */
export default function Reports() {
  const tree = useTreeId()
  const { kind: code = '', subject = '' } = useParams()
  const [last, setLast] = useWindowState('reports.kind', '')
  const { data: offered } = useQuery(queries.reportKinds(tree))
  const { data: about } = useTree()
  const kinds = offered?.kinds ?? []
  const asked = code === '' ? last : code
  const kind = kinds.find((each) => each.code === asked) ?? kinds[0]
  const chosen = subject !== '' ? subject : kind ? aboutOf(kind.subject, about?.centrePersonId ?? '') : ''
  if (!kind) return null
  return (
    <div className="grid h-full grid-cols-[190px_minmax(0,1fr)] max-lg:block max-lg:overflow-auto">
      <KindNav kinds={kinds} chosen={kind} subject={chosen} onChosen={setLast} />
      {chosen === '' ? (
        <div className="grid min-h-0 grid-cols-[minmax(0,1fr)_290px] max-lg:block">
          <section className="overflow-auto px-8 py-4">
            <h1 className="font-serif text-[26px]">{kind.title}</h1>
            <p className="mt-3 max-w-[520px] font-serif text-[18px]">Choose what it is about.</p>
          </section>
          <aside
            aria-label="What it is about"
            className="overflow-auto border-l border-rule px-5 py-4 max-lg:border-l-0"
          >
            <Subject kind={kind} subject="" />
          </aside>
        </div>
      ) : (
        <Printed key={kind.code} kind={kind} subject={chosen} />
      )}
    </div>
  )
}
