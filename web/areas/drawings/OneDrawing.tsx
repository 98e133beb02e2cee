import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { useParams, useSearchParams } from 'react-router'
import { asWords, queries } from '../../api/queries'
import { useTree, useTreeId } from '../../api/useTree'
import { useOptions } from '../../parts/OptionFields'
import { DrawingView } from './DrawingView'
import { FileLinks } from './FileLinks'
import { Related } from './Related'
import { SaveDrawing } from './SaveDrawing'
import { isUntouched, NO_HANDWORK, useHandwork } from './useHandwork'

/** A drawing by its address: of whom, of which kind, with which options. What the hand does to it is kept when it is saved. */
export default function OneDrawing() {
  const { subjects = '' } = useParams()
  return <Addressed key={subjects} subjects={subjects} />
}

function Addressed({ subjects }: { subjects: string }) {
  const tree = useTreeId()
  const { data: about } = useTree()
  const [query, setQuery] = useSearchParams()
  const { data: offered } = useQuery(queries.drawingKinds(tree))
  const kinds = (offered?.kinds ?? []).filter((each) => each.subject === 'people' || !subjects.includes(','))
  const kind = kinds.find(({ code }) => code === query.get('kind')) ?? kinds[0]
  const [options, choose] = useOptions(kind?.options ?? [])
  const tools = useHandwork(NO_HANDWORK)
  const byHand = isUntouched(tools.handwork) ? null : tools.handwork
  const { data: scene, error } = useQuery({
    ...queries.drawing(tree, kind?.code ?? '', subjects, options, byHand),
    enabled: kind !== undefined,
    placeholderData: byHand || tools.isChanged ? keepPreviousData : undefined,
  })
  const drawn = (code: string) => setQuery({ ...options, kind: code }, { replace: true })
  const acts = scene && (
    <span className="ml-auto flex flex-wrap gap-x-5 text-[14px]">
      {about?.role !== 'reader' && (
        <SaveDrawing
          kind={kind?.code ?? ''}
          subjects={subjects.split(',')}
          options={options}
          handwork={tools.handwork}
          title={scene.title}
        />
      )}
      {byHand === null ? (
        <FileLinks
          areas={scene.areas}
          address={(format) =>
            `/api/trees/${tree}/drawings/${kind?.code}/${subjects}.${format}?${asWords(options)}`
          }
        />
      ) : (
        <span className="text-graphite">saved, it can be taken out as a file</span>
      )}
    </span>
  )
  return (
    <DrawingView
      kinds={kinds}
      kind={kind}
      scene={scene}
      problem={error?.message ?? ''}
      options={options}
      onOption={choose}
      onKind={drawn}
      tools={tools}
      acts={acts}
    >
      {kind?.code === 'path' && subjects.split(',').length === 2 && (
        <Related of={subjects.split(',')[0] ?? ''} who={subjects.split(',')[1] ?? ''} />
      )}
      {scene?.areas.length === 1 && kind?.subject === 'person' && byHand === null && (
        <Alone kind={kind.code} onDraw={drawn} />
      )}
    </DrawingView>
  )
}

/** Where there is nobody to draw in one direction, the other is offered. */
function Alone({ kind, onDraw }: { kind: string; onDraw: (kind: string) => void }) {
  const other = kind === 'descendants' ? 'ancestors' : 'descendants'
  return (
    <p className="flex flex-wrap gap-x-4 px-6 py-1">
      <span className="text-graphite">
        {kind === 'descendants' ? 'No partners or children are known.' : 'No parents are known.'}
      </span>
      <button type="button" className="act" onClick={() => onDraw(other)}>
        Draw the {other}
      </button>
    </p>
  )
}
