import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { queries } from '../../../api/queries'
import { useTreeId } from '../../../api/useTree'
import { OptionFields } from '../../../parts/OptionFields'
import type { Chapter } from './chapter'

type Props = { chapter: Chapter; at: number; onChapter: (chapter: Chapter) => void }

/** What can be chosen of the report that a chapter is. */
export function ChapterOptions({ chapter, at, onChapter }: Props) {
  const tree = useTreeId()
  const [isOpen, setIsOpen] = useState(false)
  const { data: offered } = useQuery({
    ...queries.reportKinds(tree),
    enabled: chapter.kind === 'report',
  })
  const options = offered?.kinds.find((kind) => kind.code === chapter.report)?.options ?? []
  if (chapter.kind !== 'report' || options.length === 0) return null
  const chosen = chapter.options ?? {}
  const unusual = options.filter(({ name, usual }) => (chosen[name] ?? usual) !== usual)
  return (
    <>
      <button
        type="button"
        className="act text-[13px]"
        aria-expanded={isOpen}
        aria-label={`Options of chapter ${at + 1}`}
        onClick={() => setIsOpen(!isOpen)}
      >
        {unusual.length === 0
          ? 'Options'
          : `Options: ${unusual.map(({ name, label }) => `${label.toLowerCase()} ${chosen[name] ?? ''}`).join(', ')}`}
      </button>
      {isOpen && (
        <div
          role="group"
          aria-label={`Options of chapter ${at + 1}`}
          className="flex flex-col gap-[6px] border-l-2 border-tide py-1 pl-3"
        >
          <OptionFields
            options={options}
            chosen={chosen}
            onChoose={(name, word) => onChapter({ ...chapter, options: { ...chosen, [name]: word } })}
          />
        </div>
      )}
    </>
  )
}
