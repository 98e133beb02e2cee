import { useNavigate } from 'react-router'
import { api, asRead, unwrap } from '../../../api/client'
import { useTreeId, useTreePath, useWrite } from '../../../api/useTree'
import { Confirm } from '../../../parts/Confirm'
import { saved } from '../../../parts/saved'

type Props = { record: string; version: number; source: string; lines: number }

/** Deletes a record that was entered by mistake; what it says of how much goes with it comes first. */
export function DeleteRecord({ record, version, source, lines }: Props) {
  const tree = useTreeId()
  const path = useTreePath()
  const navigate = useNavigate()
  const remove = useWrite(
    () =>
      unwrap(
        api.DELETE('/api/trees/{tree}/records/{record}', {
          params: { path: { tree, record } },
          ...asRead(version),
        }),
      ),
    () => {
      saved('Deleted.')
      void navigate(path(`records/${source}`))
    },
  )
  const said = lines === 1 ? 'Its one line goes' : `Its ${lines} lines go`
  return (
    <p className="mt-4">
      <Confirm
        trigger="Delete this record"
        title="Delete this record?"
        says={`${said} with it, whom they are placed on, and every citation of it. The people and facts stay; the pictures stay among the
          pictures.`}
        onDelete={() => remove.mutate(undefined)}
      />
    </p>
  )
}
