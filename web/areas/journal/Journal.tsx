import { useInfiniteQuery } from '@tanstack/react-query'
import { toast } from 'sonner'
import { api, told } from '../../api/client'
import { useTreeId, useWrite } from '../../api/useTree'

/** What was changed, by whom and why; each can be taken back. */
export default function Journal() {
  const tree = useTreeId()
  const journal = useInfiniteQuery({
    queryKey: ['journal', tree],
    queryFn: ({ pageParam }) =>
      told(
        api.GET('/api/trees/{tree}/journal', {
          params: { path: { tree }, query: pageParam > 0 ? { before: String(pageParam) } : {} },
        }),
      ),
    initialPageParam: 0,
    getNextPageParam: (page) => page.next,
  })
  const undo = useWrite(
    (change: string) =>
      told(api.POST('/api/trees/{tree}/journal/{change}/undo', { params: { path: { tree, change } } })),
    (done) => toast.success(done.said),
  )
  const first = journal.data?.pages[0]
  const changes = journal.data?.pages.flatMap((page) => page.changes) ?? []
  return (
    <div className="h-full overflow-auto px-6 py-3">
      <h1 className="font-serif text-[26px]">Journal</h1>
      <p className="mt-1 text-graphite">
        {first?.undo ? (
          <>
            <kbd>u</kbd> undoes “{first.undo}”
          </>
        ) : (
          'Nothing of yours to undo'
        )}
        {first?.redo && (
          <>
            , <kbd>U</kbd> does again “{first.redo.replace(/^Undid: /, '')}”
          </>
        )}
        .
      </p>
      <ol className="mt-4 max-w-[900px]">
        {changes.map((change) => (
          <li
            key={change.id}
            className="grid grid-cols-[150px_1fr_auto] items-baseline gap-4 border-b border-rule py-[7px] max-sm:grid-cols-1"
          >
            <span className="text-[14px] text-graphite">
              {new Date(change.madeAt).toLocaleString('en-GB', { dateStyle: 'medium', timeStyle: 'short' })}
            </span>
            <span>
              <span className={change.undone ? 'text-graphite line-through' : ''}>{change.summary}</span>
              {change.undone && <span className="text-graphite"> undone</span>}
              {change.why !== '' && <span className="block font-serif text-[15px]">{change.why}</span>}
              <span className="block text-[13px] text-graphite">
                {change.who}, {change.how === 'hand' ? 'by hand' : `by ${change.how}`}, {change.rows}{' '}
                {change.rows === 1 ? 'row' : 'rows'}
              </span>
            </span>
            {change.canUndo && (
              <button type="button" className="act text-[14px]" onClick={() => undo.mutate(change.id)}>
                Undo
              </button>
            )}
          </li>
        ))}
      </ol>
      {journal.hasNextPage && (
        <button type="button" className="act mt-3" onClick={() => void journal.fetchNextPage()}>
          Earlier
        </button>
      )}
    </div>
  )
}
