import type { ReactNode } from 'react'
import { useNavigate } from 'react-router'
import type { Schemas } from '../../api/client'
import { asWords, type Options } from '../../api/queries'
import { useTreePath } from '../../api/useTree'
import { OptionFields } from '../../parts/OptionFields'
import { DrawingTitle } from './DrawingTitle'
import { Sheet } from './Sheet'
import type { Scene } from './styles'
import { isUntouched, type HandworkTools } from './useHandwork'

type Kind = Schemas['PresentedResource']

type Props = {
  kinds: readonly Kind[]
  kind: Kind | undefined
  scene: Scene | undefined
  problem: string
  options: Options
  onOption: (name: string, word: string) => void
  onKind: (code: string) => void
  tools: HandworkTools
  /** What stands at the right of the heading: how it is saved, and its files. */
  acts: ReactNode
  /** What is to be said before it is looked at. */
  children?: ReactNode
}

/** A drawing on the whole of the middle: what can be chosen of it, what the hand did, and the sheet. */
export function DrawingView(props: Props) {
  const { kind, scene, tools, options } = props
  const navigate = useNavigate()
  const path = useTreePath()
  const hidden = tools.handwork.hidden.length + tools.handwork.hiddenBranches.length
  return (
    <div className="flex h-full flex-col">
      <div className="flex flex-wrap items-baseline gap-x-6 px-6 py-2">
        <DrawingTitle title={scene?.title ?? 'A drawing'} tools={tools} />
        <label className="text-[14px] text-graphite">
          Drawn{' '}
          <select
            className="gap"
            value={kind?.code ?? ''}
            onChange={(event) => props.onKind(event.target.value)}
          >
            {props.kinds.map(({ code, title }) => (
              <option key={code} value={code}>
                {title}
              </option>
            ))}
          </select>
        </label>
        {kind && <OptionFields options={kind.options} chosen={options} onChoose={props.onOption} />}
        {props.acts}
      </div>
      {!isUntouched(tools.handwork) && (
        <p className="flex flex-wrap gap-x-5 px-6 text-[14px] text-graphite">
          {tools.isChanged && (
            <button type="button" className="act" onClick={tools.stepBack}>
              Undo the last step
            </button>
          )}
          {hidden > 0 && (
            <button type="button" className="act" onClick={tools.showAll}>
              Show the {hidden} hidden
            </button>
          )}
        </p>
      )}
      {props.children}
      {props.problem !== '' && <p className="px-6 text-madder">{props.problem}</p>}
      {scene && (
        <Sheet
          key={`${kind?.code}${asWords(options)}`}
          scene={scene}
          tools={tools}
          onGo={(id) => navigate(path(`people/${id}`))}
          onDraw={(id) => navigate(path(`drawings/${id}?${asWords({ ...options, kind: kind?.code ?? '' })}`))}
        />
      )}
    </div>
  )
}
