import { useQuery } from '@tanstack/react-query'
import { useId, useState, type FormEvent } from 'react'
import { api, unwrap } from '../../../api/client'
import { useTreeId, useWrite } from '../../../api/useTree'
import { useDebounced } from '../../../parts/useDebounced'
import { useDraft } from '../../../parts/useDraft'
import { FormButtons } from '../../../parts/FormButtons'
import { count } from '../../../parts/count'
import { queries } from '../../../api/queries'

/**
 * A citation in its own form: which source, which page, the words. A source that is not there is begun by its
 * title. Done, it tells the claim.
 */
export function Cite({ factId, onDone }: { factId: string; onDone: (made: string) => void }) {
  const tree = useTreeId()
  const list = useId()
  const [title, setTitle, forgetTitle] = useDraft(`${tree}:${factId}:cite`)
  const [locator, setLocator] = useState('')
  const [words, setWords] = useState('')
  const rested = useDebounced(title.trim())
  const { data } = useQuery(queries.sourceOffers(tree, rested))
  const known = data?.rows.find((source) => source.title === title.trim())
  // The records of a known source are offered: citing one of them says the same entry again.
  const { data: source } = useQuery({
    ...queries.source(tree, known?.id ?? ''),
    enabled: known !== undefined,
  })
  const cite = useWrite(
    async () => {
      const source =
        known ??
        (await unwrap(
          api.POST('/api/trees/{tree}/sources', {
            params: { path: { tree } },
            body: { title: title.trim() },
          }),
        ))
      return unwrap(
        api.POST('/api/trees/{tree}/facts/{fact}/citations', {
          params: { path: { tree, fact: factId } },
          body: { sourceId: source.id, locator, words },
        }),
      )
    },
    (made) => {
      forgetTitle()
      onDone(made.id)
    },
  )
  const submit = (event: FormEvent) => {
    event.preventDefault()
    cite.mutate(undefined)
  }
  return (
    <form
      onSubmit={submit}
      onKeyDown={(event) => event.key === 'Escape' && onDone('')}
      className="mt-2 space-y-2 border-l-2 border-tide pl-3"
    >
      <input
        className="gap w-full font-serif text-[16px] italic"
        aria-label="Source"
        placeholder="title of the source"
        list={list}
        autoFocus
        autoComplete="off"
        value={title}
        onChange={(event) => setTitle(event.target.value)}
      />
      <datalist id={list}>
        {data?.rows.map((source) => (
          <option key={source.id} value={source.title} />
        ))}
      </datalist>
      <p className="min-h-[18px] text-[13px] text-graphite">
        {title.trim() === ''
          ? `${count(data?.total ?? 0, 'source is', 'sources are')} described`
          : known
            ? `cited ${count(known.citations, 'time')} so far`
            : 'a new source of this title'}
      </p>
      <input
        className="gap w-full"
        aria-label="Page or entry"
        placeholder="page or entry"
        list={`${list}-records`}
        autoComplete="off"
        value={locator}
        onChange={(event) => setLocator(event.target.value)}
      />
      <datalist id={`${list}-records`}>
        {known &&
          source?.records
            .filter((record) => record.locator !== '')
            .map((record) => <option key={record.id} value={record.locator} />)}
      </datalist>
      <textarea
        className="gap w-full"
        rows={2}
        aria-label="The words"
        placeholder="the words, as they stand there"
        value={words}
        onChange={(event) => setWords(event.target.value)}
      />
      <FormButtons
        says="Cite it"
        disabled={cite.isPending || title.trim() === ''}
        onLeave={() => onDone('')}
      />
    </form>
  )
}
