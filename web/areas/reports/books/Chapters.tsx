import { useChapterNames } from './useChapterNames'
import { ChapterOptions } from './ChapterOptions'
import type { Chapter } from './chapter'

type Props = { chapters: readonly Chapter[]; onChapters: (chapters: readonly Chapter[]) => void }

/** The chapters of a book in their order; each can have a title of its own, be moved and be removed. */
export function Chapters({ chapters, onChapters }: Props) {
  const nameOf = useChapterNames(chapters)
  const swap = (at: number, to: number) =>
    onChapters(
      chapters.map((chapter, index) => chapters[index === at ? to : index === to ? at : index] ?? chapter),
    )
  const put = (at: number, chapter: Chapter) =>
    onChapters(chapters.map((each, index) => (index === at ? chapter : each)))
  return (
    <ol aria-label="Chapters" className="mt-4 max-w-[820px]">
      {chapters.map((chapter, at) => (
        <li
          key={`${at} ${chapter.subject} ${chapter.report}`}
          className="grid grid-cols-[28px_minmax(0,1fr)_auto] items-baseline gap-x-3 border-t border-rule py-1"
        >
          <span className="text-graphite">{at + 1}.</span>
          <span>
            <input
              className="gap w-full font-serif text-[17px]"
              aria-label={`Title of chapter ${at + 1}`}
              placeholder={nameOf(chapter)}
              maxLength={200}
              value={chapter.title}
              onChange={(event) => put(at, { ...chapter, title: event.target.value })}
            />
            <span className="block text-[13px] text-graphite">{nameOf(chapter)}</span>
            <ChapterOptions chapter={chapter} at={at} onChapter={(next) => put(at, next)} />
          </span>
          <span className="flex gap-3 text-[14px]">
            <button type="button" className="act" disabled={at === 0} onClick={() => swap(at, at - 1)}>
              Up
            </button>
            <button
              type="button"
              className="act"
              disabled={at === chapters.length - 1}
              onClick={() => swap(at, at + 1)}
            >
              Down
            </button>
            <button
              type="button"
              className="act"
              onClick={() => onChapters(chapters.filter((_, index) => index !== at))}
            >
              Remove
            </button>
          </span>
        </li>
      ))}
    </ol>
  )
}
