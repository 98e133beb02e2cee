import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { useEffect, useRef, type KeyboardEvent } from 'react'
import { Navigate, useNavigate, useParams } from 'react-router'
import { queries } from '../../../api/queries'
import { useTreeId, useTreePath } from '../../../api/useTree'
import { useCommands } from '../../../keys/commandRegistry'
import { openBeside } from '../../../parts/openBeside'
import { useWalk } from '../walking/useWalk'
import { Pedigree } from './Pedigree'
import { generationOf, seatBy, type Seat } from './seats'
import { StartOfLine } from './StartOfLine'

const GENERATIONS = 5

/** Ancestors of five generations. Arrows walk; past the last column, or down from the first, the whole walks on. */
export default function LineUp() {
  const tree = useTreeId()
  const path = useTreePath()
  const navigate = useNavigate()
  const { hand, take, addTo } = useWalk()
  const root = useParams().root ?? ''
  const grid = useRef<HTMLDivElement>(null)
  const { data, error, isPlaceholderData } = useQuery({
    ...queries.pedigree(tree, root, GENERATIONS),
    enabled: root !== '',
    placeholderData: keepPreviousData,
  })
  const seats = data?.seats ?? []
  const begin = (id: string) => void navigate(path(`people/up/${id}`))
  // Walked past the last column: whoever was in hand is looked for in the next one, and stepped up from.
  const stepOn = useRef('')
  useEffect(() => {
    if (!data || isPlaceholderData) return
    const from = data.seats.find((one) => one.id === stepOn.current)
    stepOn.current = ''
    const next = from && seatBy('ArrowRight', from.seat, data.seats)
    if (next) take(next.id)
    else if (!data.seats.some((one) => one.id === hand)) {
      const first = data.seats[0]
      // Whoever was in hand is not of this line, which was asked for by its address: its first is taken instead.
      if (first) take(first.id)
    }
  }, [data, isPlaceholderData]) // eslint-disable-line react-hooks/exhaustive-deps
  useEffect(() => {
    if (data && !isPlaceholderData && hand !== '' && !data.seats.some((one) => one.id === hand)) begin(hand)
  }, [hand]) // eslint-disable-line react-hooks/exhaustive-deps
  const inHand = seats.find((one) => one.id === hand) ?? seats[0]
  const open = (seat: Seat) => void navigate(path(`people/${seat.id}`))
  const on = (seat: Seat) => {
    const start = seats.find((one) => one.seat === seat.seat >> 3) ?? seat
    stepOn.current = seat.id
    begin(start.id)
  }
  const down = (child: string) => {
    begin(child)
    take(child)
  }
  const pressed = (event: KeyboardEvent) => {
    if (!inHand || event.target !== event.currentTarget) return
    const next = seatBy(event.key, inHand.seat, seats)
    const isLast = generationOf(inHand.seat) === GENERATIONS - 1
    if (next) take(next.id)
    else if (event.key === 'ArrowRight' && isLast && inHand.goesOn) on(inHand)
    else if (event.key === 'ArrowLeft' && inHand.seat === 1 && data?.children[0]) down(data.children[0].id)
    else if (event.key === 'Home' && seats[0]) take(seats[0].id)
    else if (event.key === 'Enter' && event.shiftKey) openBeside(path(`people/${inHand.id}`))
    else if (event.key === 'Enter') open(inHand)
    else if (!event.key.startsWith('Arrow')) return
    event.preventDefault()
    event.stopPropagation()
  }
  useCommands([
    { key: 'b', says: 'Begin the line with who is in hand', run: () => inHand && begin(inHand.id) },
    { key: 'ArrowRight', says: 'To the parents; past the last column the line walks on' },
    { key: 'ArrowLeft', says: 'To the child; from the first column down the line' },
  ])
  if (root === '' && hand !== '') return <Navigate to={path(`people/up/${hand}`)} replace />
  if (root === '') return <StartOfLine title="Line up" onChosen={down} />
  if (error) return <p className="p-6 text-madder">{error.message}</p>
  if (!data) return <p className="p-6 text-graphite">One moment…</p>
  return (
    <div className="flex h-full min-h-0 flex-col px-6 pt-2">
      <div className="flex flex-wrap items-baseline gap-x-5 pb-1 text-[14px]">
        <h1 className="font-serif text-[20px]">Ancestors of {seats[0]?.name}</h1>
        {data.children.length > 0 && (
          <span className="min-w-0 text-graphite">
            ‹ down to{' '}
            {data.children.map((child, index) => (
              <span key={child.id}>
                {index > 0 && ', '}
                <button type="button" className="act" onClick={() => down(child.id)}>
                  {child.name}
                </button>
              </span>
            ))}
          </span>
        )}
        {inHand && inHand.seat > 1 && (
          <button type="button" className="act ml-auto" onClick={() => begin(inHand.id)}>
            Begin with {inHand.name} <kbd>b</kbd>
          </button>
        )}
      </div>
      <div
        ref={grid}
        role="treegrid"
        aria-label="Line up"
        tabIndex={0}
        aria-activedescendant={inHand ? `seat-${inHand.seat}` : undefined}
        onKeyDown={pressed}
        className="min-h-0 grow overflow-auto"
      >
        <Pedigree
          seats={seats}
          generations={GENERATIONS}
          row={40}
          hand={inHand?.id ?? ''}
          onTake={(seat) => {
            take(seat.id)
            grid.current?.focus({ preventScroll: true })
          }}
          onOpen={open}
          addsTo="all"
          onAdd={(seat, adding) => addTo(seat.id, adding)}
          onOn={on}
        />
      </div>
    </div>
  )
}
