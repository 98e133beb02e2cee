import { api, unwrap } from '../../api/client'
import { useTreeId, useWrite } from '../../api/useTree'

type Props = { trail: { id: string; name: string }[]; id: string; name: string }

/** Whom one wants at the centre for oneself: what anyone is to that person stands beside their name. */
export function OwnCentre({ trail, id, name }: Props) {
  const tree = useTreeId()
  const choose = useWrite((personId: string | null) =>
    unwrap(api.PUT('/api/trees/{tree}/centre', { params: { path: { tree } }, body: { personId } })),
  )
  return (
    <label className="block">
      <span className="heads">For you alone, at the centre</span>
      <select
        className="gap block font-serif text-[17px]"
        value={id}
        onChange={(event) => choose.mutate(event.target.value || null)}
      >
        <option value="">whoever is at the centre of the tree</option>
        {id !== '' && !trail.some((step) => step.id === id) && <option value={id}>{name}</option>}
        {trail.map((step) => (
          <option key={step.id} value={step.id}>
            {step.name}
          </option>
        ))}
      </select>
    </label>
  )
}
