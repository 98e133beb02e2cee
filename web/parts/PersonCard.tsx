import { useQuery } from '@tanstack/react-query'
import { useTreeId } from '../api/useTree'
import { queries } from '../api/queries'

/** Who somebody is, in a few lines: name, years, kin to the person at the centre, and the main facts. */
export function PersonCard({ id }: { id: string }) {
  const tree = useTreeId()
  const { data } = useQuery({ ...queries.card(tree, id), staleTime: 30_000 })
  if (!data) return <p className="text-graphite">One moment…</p>
  return (
    <div>
      <p className="font-serif text-[18px] leading-snug">{data.name}</p>
      <p className="text-[13px] text-graphite">
        no. {data.number}
        {data.line !== '' && `, ${data.line} in the line`}
        {data.years !== '' && `, ${data.years}`}
        {data.toCentre !== '' && `, ${data.toCentre}`}
      </p>
      <ul className="mt-2 text-[14px]">
        {data.lines.map((line) => (
          <li key={line} className="py-[1px]">
            {line}
          </li>
        ))}
      </ul>
    </div>
  )
}
