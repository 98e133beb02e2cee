export type Sort = 'name' | 'number' | 'birth' | 'death'

type SortHeadProps = {
  name: Sort
  says: string
  sort: Sort
  onSort: (sort: Sort) => void
  className?: string
}

/** A column's head, by which the list can be sorted; it always sorts from the least on. */
export function SortableHeader({ name, says, sort, onSort, className = '' }: SortHeadProps) {
  const chosen = sort === name
  return (
    <span role="columnheader" aria-sort={chosen ? 'ascending' : 'none'} className={className}>
      <button
        type="button"
        className={`min-h-[24px] text-left ${chosen ? 'font-semibold text-ink' : 'hover:text-tide'}`}
        onClick={() => onSort(name)}
      >
        {says}
        {chosen && <span aria-hidden> ↓</span>}
      </button>
    </span>
  )
}
