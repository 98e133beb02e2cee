import { api, asRead, unwrap, type Schemas } from '../../../api/client'
import { useTreeId, useWrite, type Person } from '../../../api/useTree'
import { NewField } from '../../../parts/NewField'

/** What is to be done about somebody. */
export function Tasks({ person }: { person: Person }) {
  const tree = useTreeId()
  const add = useWrite((text: string) =>
    unwrap(
      api.POST('/api/trees/{tree}/people/{person}/tasks', {
        params: { path: { tree, person: person.id } },
        body: { text },
      }),
    ),
  )
  const tick = useWrite((task: Schemas['TaskResource']) =>
    unwrap(
      api.PATCH('/api/trees/{tree}/tasks/{task}', {
        params: { path: { tree, task: task.id } },
        body: { done: !task.done, version: task.version },
      }),
    ),
  )
  const remove = useWrite((task: { id: string; version: number }) =>
    unwrap(
      api.DELETE('/api/trees/{tree}/tasks/{task}', {
        params: { path: { tree, task: task.id } },
        ...asRead(task.version),
      }),
    ),
  )
  return (
    <section aria-label="To do">
      <h2 className="heads font-semibold">To do</h2>
      <ul>
        {person.tasks.map((task) => (
          <li key={task.id} className="group flex items-baseline gap-2">
            <label className={task.done ? 'text-graphite line-through' : ''}>
              <input type="checkbox" checked={task.done} onChange={() => tick.mutate(task)} /> {task.text}
            </label>
            <button type="button" className="act text-[13px]" onClick={() => remove.mutate(task)}>
              Delete
            </button>
          </li>
        ))}
      </ul>
      <NewField
        label="Something to do"
        placeholder="something to do"
        draftKey={`task ${person.id}`}
        onSave={(text) => add.mutateAsync(text)}
      />
    </section>
  )
}
