export type Area = { path: string; name: string; initial: string; key: string }

/** The areas in their groups, in the order of the spine. A new area is one line here and one folder. */
export const GROUPS: Area[][] = [
  [{ path: 'desk', name: 'Desk', initial: 'De', key: 'd' }],
  [
    { path: 'people', name: 'People', initial: 'Pe', key: 'p' },
    { path: 'records', name: 'Records', initial: 'Re', key: 'r' },
    { path: 'questions', name: 'Questions', initial: 'Qu', key: 'q' },
    { path: 'doubles', name: 'Doubles', initial: 'Do', key: 'b' },
    { path: 'research', name: 'Research', initial: 'Rs', key: 's' },
  ],
  [
    { path: 'drawings', name: 'Drawings', initial: 'Dr', key: 'w' },
    { path: 'reports', name: 'Reports', initial: 'Rp', key: 'o' },
  ],
  [
    { path: 'places', name: 'Places', initial: 'Pl', key: 'l' },
    { path: 'pictures', name: 'Pictures', initial: 'Pi', key: 'i' },
  ],
  [
    { path: 'exchange', name: 'Exchange', initial: 'Ex', key: 'e' },
    { path: 'journal', name: 'Journal', initial: 'Jo', key: 'j' },
    { path: 'tree', name: 'Tree', initial: 'Tr', key: 't' },
  ],
]

export const AREAS: Area[] = GROUPS.flat()
