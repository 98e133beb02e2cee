import { keepPreviousData, useInfiniteQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Link, useNavigate } from 'react-router'
import { api, unwrap } from '../../api/client'
import { useTreeId, useTreePath, useWrite } from '../../api/useTree'
import { Empty } from '../../parts/Empty'
import { useDebounced } from '../../parts/useDebounced'
import { StyledText } from '../../parts/StyledText'
import { useCommands } from '../../keys/commandRegistry'
import { EMPTY_SOURCE, forgetSource, SourceSentence, type SourceWords } from './SourceSentence'
import { count } from '../../parts/count'
import { useWindowState } from '../../parts/useWindowState'
import { NoneFound } from '../../parts/NoneFound'
import { queries } from '../../api/queries'

/** Every source, as its bibliography entry reads. */
export default function Records() {
  const tree = useTreeId()
  const path = useTreePath()
  const navigate = useNavigate()
  const [typed, setTyped] = useWindowState('records.words', '')
  const [adding, setAdding] = useState(false)
  const q = useDebounced(typed.trim())
  const sources = useInfiniteQuery({ ...queries.sources(tree, q), placeholderData: keepPreviousData })
  const rows = sources.data?.pages.flatMap((page) => page.rows) ?? []
  const { shown = 0, total = 0 } = sources.data?.pages[0] ?? {}
  const describe = useWrite(
    (words: SourceWords) =>
      unwrap(api.POST('/api/trees/{tree}/sources', { params: { path: { tree } }, body: words })),
    (made) => {
      forgetSource(`${tree}:source`)
      void navigate(path(`records/${made.id}`))
    },
  )
  useCommands([{ key: 'a', says: 'Add a source', run: () => setAdding(true) }])
  return (
    <div className="h-full overflow-auto px-6 py-3">
      <div className="flex flex-wrap items-baseline gap-x-6">
        <h1 className="font-serif text-[26px]">Records</h1>
        <input
          className="gap w-[240px] max-w-full"
          aria-label="Filter sources by words"
          placeholder="words of a source"
          value={typed}
          onChange={(event) => setTyped(event.target.value)}
        />
        <span className="text-graphite" role="status">
          {shown.toLocaleString('en')} of {count(total, 'source')}
        </span>
        <Link className="act ml-auto" to={path('records/kinds')}>
          Kinds of source and record
        </Link>
        <button type="button" className="act" onClick={() => setAdding(true)}>
          Add a source <kbd>a</kbd>
        </button>
        <Link className="act" to={path('reports/sources')}>
          Print
        </Link>
      </div>
      {adding && (
        <div className="my-4">
          <SourceSentence
            initial={EMPTY_SOURCE}
            draftKey={`${tree}:source`}
            saving={describe.isPending}
            onKeep={(words) => describe.mutate(words)}
            onLeave={() => setAdding(false)}
          />
        </div>
      )}
      {sources.isSuccess && total === 0 && !adding && (
        <Empty says="Here every source will stand as its bibliography entry reads: books, registers, letters in a drawer.">
          <button type="button" className="act-main" onClick={() => setAdding(true)}>
            Add the first source
          </button>
        </Empty>
      )}
      {sources.isSuccess && total > 0 && shown === 0 && (
        <NoneFound what="source" words={q} onClear={() => setTyped('')} />
      )}
      <ul className="mt-3 max-w-[900px]">
        {rows.map((source) => (
          <li key={source.id} className="border-b border-rule">
            <Link to={path(`records/${source.id}`)} className="flex items-baseline gap-6 py-2 hover:bg-wash">
              <span className="grow font-serif text-[16px]">
                {source.listName || <StyledText words={source.bibliography} />}
              </span>
              <span className="shrink-0 text-[14px] text-graphite">
                {['not cited', 'cited once', 'cited twice'][source.citations] ??
                  `cited ${source.citations} times`}
              </span>
            </Link>
          </li>
        ))}
      </ul>
      {sources.hasNextPage && (
        <button type="button" className="act mt-3" onClick={() => void sources.fetchNextPage()}>
          More
        </button>
      )}
    </div>
  )
}
