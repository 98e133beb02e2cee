import { useState } from 'react'
import { Link } from 'react-router'
import { api, unwrap, type Schemas } from '../../api/client'
import { useTreeId, useTreePath, useWrite } from '../../api/useTree'
import { EditConflict } from '../../parts/EditConflict'
import { FormButtons } from '../../parts/FormButtons'
import { ReasonField } from '../../parts/ReasonField'

/** What was decided and why, with its proof summary; it can be opened again. */
export function Decision({ question }: { question: Schemas['QuestionPage'] }) {
  const tree = useTreeId()
  const path = useTreePath()
  const at = { params: { path: { tree, question: question.id } } }
  const [why, setWhy] = useState('')
  const [text, setText] = useState<string | null>(null)
  const reopen = useWrite(() =>
    unwrap(api.POST('/api/trees/{tree}/questions/{question}/reopen', { ...at, body: { why } })),
  )
  const write = useWrite(
    (words: string) =>
      unwrap(
        api.PUT('/api/trees/{tree}/questions/{question}/summary', {
          ...at,
          body: { version: question.version, text: words },
        }),
      ),
    () => setText(null),
  )
  const file = `/api/trees/${tree}/reports/proof/${question.id}`
  return (
    <div className="mt-2 grid grid-cols-[300px_minmax(0,1fr)] gap-x-4 max-lg:grid-cols-1">
      <section aria-label="Decision">
        <h2 className="heads font-semibold text-lichen">Decided</h2>
        <p className="font-serif text-[20px] leading-tight">{question.decision}</p>
        <p className="mt-1 font-serif text-[15px] whitespace-pre-wrap">{question.reason}</p>
        <form
          className="mt-3"
          onSubmit={(event) => {
            event.preventDefault()
            reopen.mutate(undefined)
          }}
        >
          <ReasonField
            className="gap w-full"
            aria-label="Why it is opened again"
            suggests={['A new record speaks against it.', 'The reasoning does not hold: ']}
            placeholder="why it is opened again"
            value={why}
            onValue={setWhy}
          />
          <p className="flex gap-4 text-[14px]">
            <button className="act" disabled={why.trim() === '' || reopen.isPending}>
              Open it again
            </button>
            <Link className="act" to={path(`questions/impact/decision/${question.id}`)}>
              What if this is wrong?
            </Link>
          </p>
        </form>
      </section>
      <section aria-label="Proof summary">
        <h2 className="heads flex items-baseline gap-4 font-semibold">
          Proof summary
          <span className="flex gap-4 font-normal">
            {text === null && (
              <button type="button" className="act" onClick={() => setText(question.summary)}>
                Write it otherwise
              </button>
            )}
            <Link className="act" to={path(`reports/proof/${question.id}`)}>
              Report
            </Link>
            <a className="act" href={`${file}.pdf`} download>
              PDF
            </a>
            <a className="act" href={`${file}.html`} download>
              HTML
            </a>
          </span>
        </h2>
        {text === null ? (
          <p className="font-serif text-[16px] whitespace-pre-wrap">{question.summary}</p>
        ) : (
          <form
            onSubmit={(event) => {
              event.preventDefault()
              write.mutate(text)
            }}
            onKeyDown={(event) => event.key === 'Escape' && setText(null)}
          >
            <textarea
              rows={12}
              className="gap w-full font-serif text-[16px]"
              aria-label="Proof summary"
              autoFocus
              value={text}
              onChange={(event) => setText(event.target.value)}
            />
            <EditConflict problem={write.error} />
            <FormButtons disabled={write.isPending} onLeave={() => setText(null)} />
          </form>
        )}
      </section>
    </div>
  )
}
