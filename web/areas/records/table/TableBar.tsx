import type { RefObject } from 'react'
import { Link } from 'react-router'
import { useTreePath } from '../../../api/useTree'
import type { RecordPage, Roll } from './roll'
import { ReasonField } from '../../../parts/ReasonField'
import { count as counted } from '../../../parts/count'

type Props = {
  record: RecordPage
  roll: Roll
  count: number
  unplaced: number
  /** That the page counts more people than there are lines; empty where it does not. */
  fewer: string
  /** Where what was typed is held. */
  said: string
  onHead: () => void
  reason: RefObject<HTMLInputElement | null>
  why: string
  offeredWhy: string
  onWhy: (why: string) => void
  onBack: () => void
  onTakeIn: () => void
  isBusy: boolean
}

/** What record it is, how many are unplaced, the one reason, and taking it in. */
export function TableBar(props: Props) {
  const { record, roll, count, unplaced, fewer, said, onHead, reason, why, offeredWhy } = props
  const { onWhy, onBack, onTakeIn, isBusy } = props
  const path = useTreePath()
  return (
    <div
      className="flex h-[48px] shrink-0 items-center gap-4 border-b border-rule px-3 max-lg:h-auto max-lg:flex-wrap max-lg:gap-y-1
      max-lg:py-1"
    >
      <h1 className="min-w-0 shrink truncate">
        <Link
          to={path(`records/${record.sourceId}`)}
          title={record.sourceTitle}
          className="act inline-block max-w-[230px] truncate align-bottom font-serif text-[17px]"
        >
          {record.sourceTitle}
        </Link>{' '}
        <button type="button" className="act text-[14px]" onClick={onHead}>
          {[roll.head.locator, roll.head.date, roll.head.place].filter(Boolean).join(', ') ||
            'say what the page says once'}{' '}
          <kbd>h</kbd>
        </button>
      </h1>
      <p className="ml-auto shrink-0 text-[13px] text-graphite max-lg:ml-0" role="status">
        {counted(count, 'line')}
        {unplaced > 0 && <span className="text-ochre">, {unplaced} unplaced</span>}
        {fewer !== '' && <span className="text-ochre">. {fewer}</span>}
        {record.lookAgain && (
          <span className="text-ochre">. Changed since it was added to the tree: look again</span>
        )}
        {said !== '' && `. ${said}`}.{' '}
        <Link className="act" to={path(`reports/record/${record.id}`)}>
          Print
        </Link>
      </p>
      <form
        className="flex shrink-0 items-center gap-3"
        onSubmit={(event) => {
          event.preventDefault()
          onTakeIn()
        }}
      >
        <ReasonField
          ref={reason}
          className="gap w-[220px]"
          aria-label="Reason for the whole record"
          placeholder="reason for the whole record"
          value={why}
          onFocus={() => why === '' && onWhy(offeredWhy)}
          onValue={onWhy}
          onKeyDown={(event) => {
            if (event.key !== 'Escape') return
            event.stopPropagation()
            onBack()
          }}
        />
        <button className="act-main" disabled={count === 0 || isBusy}>
          Add to the tree
        </button>
      </form>
    </div>
  )
}
