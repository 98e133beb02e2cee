import { useTreeId } from '../../../api/useTree'
import { Empty } from '../../../parts/Empty'
import { Finder } from '../../../parts/Finder'
import { findPeople } from '../../../parts/findPeople'

/** Nobody is in hand yet: with whom a line begins is asked. */
export function StartOfLine({ onChosen }: { onChosen: (id: string) => void }) {
  const tree = useTreeId()
  return (
    <Empty says="Here a line of ancestors or descendants will stand. With whom should it begin?">
      <Finder
        label="Begin the line with"
        queryKey="people"
        find={(q) => findPeople(tree, q)}
        onChosen={(found) => onChosen(found.id)}
      />
    </Empty>
  )
}
