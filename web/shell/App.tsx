import { useQuery } from '@tanstack/react-query'
import { lazy, Suspense } from 'react'
import { Navigate, Outlet, Route, Routes } from 'react-router'
import { SignIn } from '../areas/account/SignIn'
import { Shell } from './Shell'
import { useTitles } from './useTitles'
import { queries } from '../api/queries'

const Account = lazy(() => import('../areas/account/Account'))
const Trees = lazy(() => import('../areas/account/Trees'))
const Desk = lazy(() => import('../areas/desk/Desk'))
const People = lazy(() => import('../areas/people/index/People'))
const Walking = lazy(() => import('../areas/people/walking/Walking'))
const Couples = lazy(() => import('../areas/people/couples/Couples'))
const LineUp = lazy(() => import('../areas/people/lines/LineUp'))
const LineDown = lazy(() => import('../areas/people/lines/LineDown'))
const PersonPage = lazy(() => import('../areas/people/person/PersonPage'))
const Records = lazy(() => import('../areas/records/Records'))
const SourcePage = lazy(() => import('../areas/records/SourcePage'))
const ReadingTable = lazy(() => import('../areas/records/table/ReadingTable'))
const Kinds = lazy(() => import('../areas/records/kinds/Kinds'))
const Pictures = lazy(() => import('../areas/pictures/Pictures'))
const PicturePage = lazy(() => import('../areas/pictures/PicturePage'))
const Drawings = lazy(() => import('../areas/drawings/Drawings'))
const OneDrawing = lazy(() => import('../areas/drawings/OneDrawing'))
const SavedDrawing = lazy(() => import('../areas/drawings/SavedDrawing'))
const Reports = lazy(() => import('../areas/reports/Reports'))
const TextPage = lazy(() => import('../areas/reports/texts/TextPage'))
const BookPage = lazy(() => import('../areas/reports/books/BookPage'))
const Places = lazy(() => import('../areas/places/Places'))
const Exchange = lazy(() => import('../areas/exchange/Exchange'))
const Questions = lazy(() => import('../areas/questions/Questions'))
const Case = lazy(() => import('../areas/questions/Case'))
const Doubles = lazy(() => import('../areas/doubles/Doubles'))
const Compare = lazy(() => import('../areas/doubles/Compare'))
const Research = lazy(() => import('../areas/research/Research'))
const Impact = lazy(() => import('../areas/questions/Impact'))
const Weighing = lazy(() => import('../areas/questions/Weighing'))
const Journal = lazy(() => import('../areas/journal/Journal'))
const Deleted = lazy(() => import('../areas/journal/Deleted'))
const Guide = lazy(() => import('../areas/guide/Guide'))
const TreePage = lazy(() => import('../areas/tree/TreePage'))

/** Only who is signed in comes past here. */
function SignedIn() {
  const { data, isPending, error } = useQuery(queries.session())
  if (isPending) return <p className="p-10 text-graphite">One moment…</p>
  if (error) return <p className="p-10 text-madder">{error.message}</p>
  return data.user ? <Outlet /> : <SignIn session={data} />
}

export function App() {
  useTitles()
  return (
    <Suspense fallback={<p className="p-10 text-graphite">One moment…</p>}>
      <Routes>
        <Route element={<SignedIn />}>
          <Route index element={<Navigate to="/trees" replace />} />
          <Route path="trees" element={<Trees />} />
          <Route path="account" element={<Account />} />
          <Route path="guide" element={<Guide />} />
          <Route path="guide/:page" element={<Guide />} />
          <Route path="t/:tree" element={<Shell />}>
            <Route index element={<Navigate to="desk" replace />} />
            <Route path="desk" element={<Desk />} />
            <Route path="people" element={<Walking />}>
              <Route index element={<People />} />
              <Route path="couples" element={<Couples />} />
              <Route path="up" element={<LineUp />} />
              <Route path="up/:root" element={<LineUp />} />
              <Route path="down" element={<LineDown />} />
              <Route path="down/:root" element={<LineDown />} />
            </Route>
            <Route path="people/:person" element={<PersonPage />} />
            <Route path="records" element={<Records />} />
            <Route path="records/kinds" element={<Kinds />} />
            <Route path="records/:source" element={<SourcePage />} />
            <Route path="records/table/:record" element={<ReadingTable />} />
            <Route path="drawings" element={<Drawings />} />
            <Route path="drawings/saved/:saved" element={<SavedDrawing />} />
            <Route path="drawings/:subjects" element={<OneDrawing />} />
            <Route path="reports" element={<Reports />} />
            <Route path="reports/:kind" element={<Reports />} />
            <Route path="reports/:kind/:subject" element={<Reports />} />
            <Route path="reports/texts/:text" element={<TextPage />} />
            <Route path="reports/books/:book" element={<BookPage />} />
            <Route path="places" element={<Places />} />
            <Route path="places/:place" element={<Places />} />
            <Route path="pictures" element={<Pictures />} />
            <Route path="pictures/:picture" element={<PicturePage />} />
            <Route path="exchange" element={<Exchange />} />
            <Route path="questions" element={<Questions />} />
            <Route path="doubles" element={<Doubles />} />
            <Route path="doubles/:person/:otherPerson" element={<Compare />} />
            <Route path="research" element={<Research />} />
            <Route path="questions/cases/:question" element={<Case />} />
            <Route path="questions/impact/:target/:id" element={<Impact />} />
            <Route path="questions/:question" element={<Weighing />} />
            <Route path="journal" element={<Journal />} />
            <Route path="journal/deleted" element={<Deleted />} />
            <Route path="tree" element={<TreePage />} />
            <Route path="guide" element={<Guide />} />
            <Route path="guide/:page" element={<Guide />} />
          </Route>
          <Route path="*" element={<p className="p-10">There is no such page here.</p>} />
        </Route>
      </Routes>
    </Suspense>
  )
}
