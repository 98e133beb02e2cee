import { useQuery } from '@tanstack/react-query'
import { queries } from '../../../api/queries'
import { useTreeId } from '../../../api/useTree'
import { count } from '../../../parts/count'
import { WaitingNotes } from './WaitingNotes'
import { SubjectList } from '../SubjectList'

/** The texts of a tree, and the beginning of a new one. */
export function TextList({ chosen }: { chosen: string }) {
  const { data } = useQuery(queries.texts(useTreeId(), {}))
  return (
    <>
      <SubjectList
        label="Texts"
        rows={data?.texts.map(({ id, title, about, words }) => ({
          id,
          title,
          more: `${about === title ? '' : about} ${count(words, 'word')}`,
        }))}
        empty="Nobody has written one yet."
        chosen={chosen}
        read="reports/text"
        write="reports/texts"
        change="Write on it"
        begin="Write a new one"
      />
      <WaitingNotes />
    </>
  )
}
