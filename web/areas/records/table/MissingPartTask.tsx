import { useQuery } from '@tanstack/react-query'
import { api, unwrap } from '../../../api/client'
import { useTreeId, useWrite } from '../../../api/useTree'
import { queries } from '../../../api/queries'

/** What the copy of a page lacks becomes something to do, and stays in sight until it is done. */
export function MissingPartTask({ record, lacks }: { record: string; lacks: string }) {
  const tree = useTreeId()
  const { data } = useQuery(queries.tasksOfRecord(tree, record))
  const make = useWrite(() =>
    unwrap(
      api.POST('/api/trees/{tree}/records/{record}/tasks', {
        params: { path: { tree, record } },
        body: { text: `Get what the copy lacks: ${lacks}` },
      }),
    ),
  )
  const tick = useWrite((task: { id: string; done: boolean; version: number }) =>
    unwrap(
      api.PATCH('/api/trees/{tree}/tasks/{task}', {
        params: { path: { tree, task: task.id } },
        body: { done: !task.done, version: task.version },
      }),
    ),
  )
  const tasks = data?.tasks ?? []
  const isNoted = tasks.some((task) => task.text.endsWith(`: ${lacks}`))
  return (
    <>
      {lacks !== '' && !isNoted && (
        <button type="button" className="act text-[14px]" onClick={() => make.mutate(undefined)}>
          Add a task
        </button>
      )}
      <ul className="text-[14px]">
        {tasks.map((task) => (
          <li key={task.id}>
            <label className={task.done ? 'text-graphite line-through' : ''}>
              <input type="checkbox" checked={task.done} onChange={() => tick.mutate(task)} /> {task.text}
            </label>
          </li>
        ))}
      </ul>
    </>
  )
}
