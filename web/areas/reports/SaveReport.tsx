import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { useNavigate, useSearchParams } from 'react-router'
import { api, unwrap } from '../../api/client'
import { queries, type Options } from '../../api/queries'
import { useTreeId, useTreePath, useWrite } from '../../api/useTree'
import { Confirm } from '../../parts/Confirm'
import { EditConflict } from '../../parts/EditConflict'
import { saved } from '../../parts/saved'
import { addressOf } from './SavedReports'

type Props = { kind: string; subject: string; options: Options; title: string }

/** Saves a report by a name, with what it is about and its options; one that was saved is saved again, or deleted. */
export function SaveReport({ kind, subject, options, title }: Props) {
  const tree = useTreeId()
  const path = useTreePath()
  const navigate = useNavigate()
  const [asked] = useSearchParams()
  const [isNaming, setIsNaming] = useState(false)
  const { data } = useQuery(queries.savedReports(tree))
  const open = data?.reports.find((report) => report.id === asked.get('saved'))
  const body = (name: string) => ({ name, kind, subject, options })
  const keep = useWrite(
    (name: string) =>
      open
        ? unwrap(
            api.PUT('/api/trees/{tree}/saved-reports/{savedReport}', {
              params: { path: { tree, savedReport: open.id } },
              body: { ...body(name), version: open.version },
            }),
          )
        : unwrap(
            api.POST('/api/trees/{tree}/saved-reports', { params: { path: { tree } }, body: body(name) }),
          ),
    ({ id }) => {
      setIsNaming(false)
      saved('The report is saved.')
      void navigate(path(addressOf({ ...body(''), id, version: 0 })), { replace: true })
    },
  )
  const remove = useWrite(
    (id: string) =>
      unwrap(
        api.DELETE('/api/trees/{tree}/saved-reports/{savedReport}', {
          params: { path: { tree, savedReport: id } },
        }),
      ),
    () => void navigate(path(`reports/${kind}/${subject}`), { replace: true }),
  )
  const isChanged =
    open !== undefined &&
    (open.subject !== subject || JSON.stringify(open.options) !== JSON.stringify(options))
  if (isNaming)
    return (
      <form
        onSubmit={(event) => {
          event.preventDefault()
          const name = new FormData(event.currentTarget).get('name')
          if (typeof name === 'string' && name.trim() !== '') keep.mutate(name)
        }}
      >
        <input
          name="name"
          className="gap w-full"
          aria-label="Name of the report"
          defaultValue={open?.name ?? title}
          maxLength={200}
          autoFocus
          onKeyDown={(event) => event.key === 'Escape' && setIsNaming(false)}
        />
        <EditConflict problem={keep.error} />
        <p className="mt-1 flex gap-4">
          <button className="act-main" disabled={keep.isPending}>
            Save
          </button>
          <button type="button" className="act" onClick={() => setIsNaming(false)}>
            Cancel
          </button>
        </p>
      </form>
    )
  return (
    <>
      <p className="flex flex-wrap gap-x-4">
        <button type="button" className="act" onClick={() => setIsNaming(true)}>
          {open ? (isChanged ? 'Save what was changed' : 'Rename') : 'Save the report'}
        </button>
        {open && (
          <Confirm
            trigger="Delete"
            title={`Delete “${open.name}”?`}
            says="What it tells of stays. It can be undone, and restored from the journal."
            onDelete={() => remove.mutate(open.id)}
          />
        )}
      </p>
      {isChanged && <p className="text-[13px] text-ochre">It was changed since it was saved.</p>}
    </>
  )
}
