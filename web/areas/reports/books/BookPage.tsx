import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Link, useNavigate, useParams } from 'react-router'
import type { Schemas } from '../../../api/client'
import { api, unwrap } from '../../../api/client'
import { queries } from '../../../api/queries'
import { useTreeId, useTreePath, useWrite } from '../../../api/useTree'
import { Confirm } from '../../../parts/Confirm'
import { EditConflict } from '../../../parts/EditConflict'
import { saved } from '../../../parts/saved'
import { AddChapter } from './AddChapter'
import type { Chapter } from './chapter'
import { Chapters } from './Chapters'

type Book = Schemas['BookResource']

/** A book while it is put together. */
export default function BookPage() {
  const tree = useTreeId()
  const { book: id = '' } = useParams()
  const { data: book, error } = useQuery({ ...queries.book(tree, id), enabled: id !== 'new' })
  if (error) return <p className="p-6 text-madder">{error.message}</p>
  if (id !== 'new' && !book) return null
  return <Bound key={`${id} ${book?.version ?? 0}`} book={book ?? null} />
}

function Bound({ book }: { book: Book | null }) {
  const tree = useTreeId()
  const path = useTreePath()
  const navigate = useNavigate()
  const [title, setTitle] = useState(book?.title ?? '')
  const [subtitle, setSubtitle] = useState(book?.subtitle ?? '')
  const [author, setAuthor] = useState(book?.author ?? '')
  const [chapters, setChapters] = useState<readonly Chapter[]>(book?.chapters ?? [])
  const body = { title: title.trim(), subtitle, author, chapters: [...chapters] }
  const keep = useWrite(
    () =>
      book
        ? unwrap(
            api.PUT('/api/trees/{tree}/books/{book}', {
              params: { path: { tree, book: book.id } },
              body: { ...body, version: book.version },
            }),
          )
        : unwrap(api.POST('/api/trees/{tree}/books', { params: { path: { tree } }, body })),
    ({ id }) => {
      saved('The book is saved.')
      void navigate(path(`reports/book/${id}`))
    },
  )
  const remove = useWrite(
    () =>
      unwrap(
        api.DELETE('/api/trees/{tree}/books/{book}', { params: { path: { tree, book: book?.id ?? '' } } }),
      ),
    () => void navigate(path('reports/book')),
  )
  return (
    <form
      className="h-full overflow-auto px-8 py-4"
      onSubmit={(event) => {
        event.preventDefault()
        keep.mutate(undefined)
      }}
    >
      <h1 className="font-serif text-[26px]">{book ? book.title : 'A new book'}</h1>
      <div className="mt-2 grid max-w-[820px] grid-cols-[120px_minmax(0,1fr)] items-baseline gap-x-4 gap-y-1">
        <label htmlFor="book-title">Title</label>
        <input
          id="book-title"
          className="gap font-serif text-[18px]"
          maxLength={200}
          value={title}
          onChange={(event) => setTitle(event.target.value)}
        />
        <label htmlFor="book-subtitle">Subtitle</label>
        <input
          id="book-subtitle"
          className="gap"
          maxLength={300}
          value={subtitle}
          onChange={(event) => setSubtitle(event.target.value)}
        />
        <label htmlFor="book-author">Author</label>
        <input
          id="book-author"
          className="gap"
          maxLength={200}
          value={author}
          onChange={(event) => setAuthor(event.target.value)}
        />
      </div>
      <Chapters chapters={chapters} onChapters={setChapters} />
      <AddChapter onAdd={(chapter) => setChapters([...chapters, chapter])} />
      <EditConflict problem={keep.error} />
      <p className="mt-4 flex flex-wrap items-baseline gap-5">
        <button className="act-main" disabled={keep.isPending || title.trim() === ''}>
          Save
        </button>
        <Link className="act" to={path(book ? `reports/book/${book.id}` : 'reports/book')}>
          Cancel
        </Link>
        {book && (
          <Confirm
            trigger="Delete the book"
            title={`Delete “${book.title}”?`}
            says="What its chapters are made of stays. It can be undone, and restored from the journal."
            onDelete={() => remove.mutate(undefined)}
          />
        )}
      </p>
    </form>
  )
}
