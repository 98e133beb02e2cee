import { useEffect, useRef, useState } from 'react'
import { Navigate, useNavigate, useParams } from 'react-router'
import { useTreePath } from '../../../api/useTree'
import { useCommands } from '../../../keys/commandRegistry'
import { openBeside } from '../../../parts/openBeside'
import { rowKeys } from '../../../parts/rowKeys'
import { count } from '../../../parts/count'
import { placed, useVirtualList, VirtualList } from '../../../parts/VirtualList'
import { useWalk } from '../walking/useWalk'
import { OutlineLine } from './OutlineLine'
import { StartOfLine } from './StartOfLine'
import { useOutline } from './useOutline'

const ROW = 28

/** Descendants as an outline: each with partners and children beneath, folded and unfolded. */
export default function LineDown() {
  const path = useTreePath()
  const navigate = useNavigate()
  const { hand, take } = useWalk()
  const root = useParams().root ?? ''
  const outline = useOutline(root)
  const { rows } = outline
  const [at, setAt] = useState(0)
  const scroller = useRef<HTMLDivElement>(null)
  const list = useVirtualList(scroller, rows.length, ROW, undefined, ROW)
  const begin = (id: string) => void navigate(path(`people/down/${id}`))
  const row = rows[Math.min(at, rows.length - 1)]
  const go = (next: number) => {
    setAt(next)
    list.scrollToIndex(next)
    const id = rows[next]?.id ?? ''
    if (id !== '') take(id)
  }
  // Whoever came in hand from another view, or from the margin, is found here, or begins a line of their own.
  const isThere = rows.length > 0 && outline.isOfRoot
  useEffect(() => {
    if (!isThere || hand === '' || row?.id === hand) return
    const found = rows.findIndex((one) => one.id === hand)
    if (found >= 0) {
      setAt(found)
      list.scrollToIndex(found)
    } else begin(hand)
  }, [hand, isThere]) // eslint-disable-line react-hooks/exhaustive-deps
  const parentOf = (from: number) => {
    const depth = rows[from]?.depth ?? 0
    for (let one = from - 1; one >= 0; one--) {
      const above = rows[one]
      if (above?.person && (rows[from]?.family ? above.depth === depth : above.depth < depth)) return one
    }
    return from
  }
  const pressed = rowKeys({
    at,
    count: rows.length,
    onAt: go,
    onOpen: (index, isBeside) => {
      const id = rows[index]?.id ?? ''
      if (id === '') return
      if (isBeside) openBeside(path(`people/${id}`))
      else void navigate(path(`people/${id}`))
    },
    also: (key) => {
      if (key === 'ArrowRight' && row?.person?.families && !row.isOpen && row.canOpen) {
        outline.turn(row.path, true)
        return true
      }
      if (key === 'ArrowRight') {
        if (rows[at + 1] && (row?.family || row?.isOpen)) go(at + 1)
        return true
      }
      if (key === 'ArrowLeft') {
        if (row?.person && row.isOpen) outline.turn(row.path, false)
        else if (at > 0) go(parentOf(at))
        return true
      }
      return false
    },
  })
  useCommands([
    { key: 'b', says: 'Begin the line with who is in hand', run: () => row?.id && begin(row.id) },
    { key: 'e', says: 'Unfold or fold all', run: () => outline.openAll(!outline.isAllOpen) },
    { key: 'ArrowRight', says: 'Unfold, or to the next below' },
    { key: 'ArrowLeft', says: 'Fold, or to the parent' },
  ])
  if (root === '' && hand !== '') return <Navigate to={path(`people/down/${hand}`)} replace />
  if (root === '') return <StartOfLine title="Line down" onChosen={begin} />
  if (outline.error) return <p className="p-6 text-madder">{outline.error.message}</p>
  if (!outline.person) return <p className="p-6 text-graphite">One moment…</p>
  return (
    <div className="flex h-full min-h-0 flex-col px-6 pt-2">
      <div className="flex flex-wrap items-baseline gap-x-5 pb-1 text-[14px]">
        <h1 className="font-serif text-[20px]">Descendants of {outline.person.name}</h1>
        <span className="text-graphite" role="status">
          {count(rows.filter((one) => one.person).length, 'person', 'people')} in sight
        </span>
        <button type="button" className="act ml-auto" onClick={() => outline.openAll(!outline.isAllOpen)}>
          {outline.isAllOpen ? 'Fold all' : 'Unfold all'} <kbd>e</kbd>
        </button>
        {row && row.id !== '' && row.id !== root && (
          <button type="button" className="act" onClick={() => begin(row.id)}>
            Begin with who is in hand <kbd>b</kbd>
          </button>
        )}
      </div>
      <div
        ref={scroller}
        role="treegrid"
        aria-label="Line down"
        aria-rowcount={rows.length}
        tabIndex={0}
        aria-activedescendant={row ? `outline-${row.path}` : undefined}
        onKeyDown={pressed}
        className="min-h-0 grow overflow-auto"
      >
        <VirtualList
          list={list}
          rows={rows}
          show={(one, item) => (
            <OutlineLine
              key={one.path}
              row={one}
              index={item.index}
              isInHand={item.index === at}
              style={placed(item)}
              onTake={() => {
                go(item.index)
                scroller.current?.focus({ preventScroll: true })
              }}
              onTurn={(isOpen) => outline.turn(one.path, isOpen)}
            />
          )}
        />
      </div>
    </div>
  )
}
