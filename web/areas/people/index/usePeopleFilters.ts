import { useSearchParams } from 'react-router'
import type { PeopleAsked } from '../../../api/queries'
import type { Sorted } from '../../../parts/columns/ColumnHeads'
import { useDebounced } from '../../../parts/useDebounced'
import { useWindowState } from '../../../parts/useWindowState'

export type By = 'number' | 'name' | 'birth' | 'death' | 'line'
/** Whom everybody listed is told to be something to; nobody with an empty id. */
export type RelatedTo = { id: string; name: string }

const NOBODY: RelatedTo = { id: '', name: '' }

/** What the index of people is narrowed and sorted by; it stays as it was left. */
export function usePeopleFilters() {
  const [typed, setTyped] = useWindowState('people.words', '')
  const [sorted, setSorted] = useWindowState<Sorted<By>>('people.sorted', { by: 'name', isDown: false })
  const [sex, setSex] = useWindowState('people.sex', '')
  const [only, setOnly] = useWindowState('people.only', '')
  const [years, setYears] = useWindowState('people.years', ['', ''])
  const [relatedTo, setRelatedTo] = useWindowState('people.related', NOBODY)
  const [asked, setAsked] = useSearchParams()
  const place = asked.get('place') ?? ''
  const q = useDebounced(typed.trim())
  const [from, to] = useDebounced(years.map((year) => (/^\d{3,4}$/.test(year) ? Number(year) : 0)))
  const query: PeopleAsked = {
    q,
    sort: sorted.by,
    isDown: sorted.isDown,
    sex,
    // Kin are kin of somebody.
    only: only === 'kin' && relatedTo.id === '' ? '' : only,
    from,
    to,
    place,
    kin: relatedTo.id,
  }
  const clear = () => {
    setTyped('')
    setSex('')
    setOnly('')
    setYears(['', ''])
    setAsked({})
  }
  return {
    query,
    clear,
    typed,
    setTyped,
    sorted,
    setSorted,
    sex,
    setSex,
    only: query.only,
    setOnly,
    years,
    setYears,
    relatedTo,
    setRelatedTo,
    place,
    letPlaceGo: () => setAsked({}),
    isAddAsked: asked.has('add'),
  }
}

export type PeopleFilters = ReturnType<typeof usePeopleFilters>
