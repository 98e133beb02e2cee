import { useTreeId } from '../../../api/useTree'
import { Empty } from '../../../parts/Empty'
import { Finder } from '../../../parts/Finder'
import { findPeople } from '../../../parts/findPeople'

/** Nobody is in hand yet: with whom a line begins is asked. */
export function StartOfLine({ title, onChosen }: { title: string; onChosen: (id: string) => void }) {
  const tree = useTreeId()
  return (
    <div className="px-6 pt-2">
      <h1 className="font-serif text-[20px]">{title}</h1>
      <Empty says="Here a line of ancestors or descendants will stand. With whom should it begin?">
        <Finder
          label="Begin the line with"
          queryKey="people"
          find={(q) => findPeople(tree, q)}
          onChosen={(found) => onChosen(found.id)}
        />
      </Empty>
    </div>
  )
}
