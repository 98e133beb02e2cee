import { useQueries, useQuery } from '@tanstack/react-query'
import { queries } from '../../../api/queries'
import { useTreeId } from '../../../api/useTree'
import { WHOLE } from '../subjects'
import type { Chapter } from './chapter'

/** What a chapter is called where it has no title of its own: the kind of its report and whom it is about. */
export function useChapterNames(chapters: readonly Chapter[]): (chapter: Chapter) => string {
  const tree = useTreeId()
  const { data: kinds } = useQuery(queries.reportKinds(tree))
  const { data: texts } = useQuery(queries.texts(tree, {}))
  const { data: drawings } = useQuery(queries.savedDrawings(tree))
  const ofPeople = (chapter: Chapter) =>
    ['person', 'line'].includes(kinds?.kinds.find(({ code }) => code === chapter.report)?.subject ?? '')
  const ids = [...new Set(chapters.filter(ofPeople).flatMap(({ subject }) => subject.split(',')))]
  const cards = useQueries({ queries: ids.map((id) => queries.card(tree, id)) })
  const names = new Map(ids.map((id, at) => [id, cards[at]?.data?.name ?? '…']))
  return (chapter) => {
    if (chapter.kind === 'text')
      return texts?.texts.find(({ id }) => id === chapter.subject)?.title ?? 'A text'
    if (chapter.kind === 'drawing')
      return drawings?.drawings.find(({ id }) => id === chapter.subject)?.name ?? 'A drawing'
    const kind = kinds?.kinds.find(({ code }) => code === chapter.report)?.title ?? chapter.report
    const about = chapter.subject
      .split(',')
      .map((id) => names.get(id) ?? '')
      .filter(Boolean)
      .join(' and ')
    return chapter.subject === WHOLE || about === '' ? kind : `${kind}: ${about}`
  }
}
