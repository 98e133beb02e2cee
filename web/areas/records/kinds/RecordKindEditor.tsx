import { freeCode } from './kinds'
import { Choice, Rows, Word } from './Rows'

type ColumnRow = { code: string; label: string; meaning: string; width: number; hint: string }
type RoleRow = {
  word: string
  tie: string
  sex: string
  spelled: string[]
  of: string
  resides: boolean
  acts: boolean
  aside: boolean
}

export type RecordTemplate = {
  name: string
  words: string
  event: string
  eventIsOfAll: boolean
  telling: string
  isTall: boolean
  delayDays: number
  countsFor: string
  heads: ColumnRow[]
  columns: ColumnRow[]
  roles: RoleRow[]
}

const MEANINGS = [
  'words',
  'relation',
  'sex',
  'age',
  'condition',
  'years married',
  'children born',
  'children living',
  'trade',
  'religion',
  'birth date',
  'birthplace',
  'death date',
  'death place',
  'burial date',
  'marriage date',
  'marriage place',
  'abode',
  'from',
  'until',
  'dwelling',
  'number',
  'page',
]

const TIES = [
  'principal',
  'partner',
  'child',
  'stepchild',
  'parent',
  'sibling',
  'grandchild',
  'grandparent',
  'child-in-law',
  'parent-in-law',
  'sibling-in-law',
  'niece or nephew',
  'aunt or uncle',
  'kin',
  'none',
]

const EVENTS = {
  '': 'nothing by itself',
  census: 'a census',
  baptism: 'a baptism',
  burial: 'a burial',
  birth: 'a birth',
  death: 'a death',
  marriage: 'a marriage',
  emigration: 'an emigration',
  immigration: 'an immigration',
  will: 'a will',
  probate: 'a probate',
  residence: 'a residence',
  confirmation: 'a confirmation',
}

/** A kind of record: what its head and its roll ask, and what people are on it. */
export function RecordKindEditor({
  kind,
  onChange,
}: {
  kind: RecordTemplate
  onChange: ((said: Partial<RecordTemplate>) => void) | null
}) {
  const columns = (which: 'heads' | 'columns', label: string) => (
    <section className="mt-3">
      <h3 className="heads font-semibold">{label}</h3>
      <Rows
        label={label}
        heads={['Heading', 'Meaning', 'Width', 'Hint']}
        rows={kind[which]}
        empty={() => ({
          code: freeCode(kind[which], 'c'),
          label: '',
          meaning: 'words',
          width: 12,
          hint: '',
        })}
        onRows={onChange && ((rows) => onChange({ [which]: rows }))}
        cells={(column, set) => {
          const write = onChange ? set : null
          return [
            <Word
              key="l"
              label="Heading"
              value={column.label}
              onValue={write && ((text) => write({ label: text }))}
            />,
            <Choice
              key="m"
              label="Meaning"
              value={column.meaning}
              from={MEANINGS}
              onValue={write && ((meaning) => write({ meaning }))}
            />,
            <Word
              key="w"
              label="Width"
              wide="3em"
              value={String(column.width)}
              onValue={write && ((width) => write({ width: Number(width.replace(/\D/g, '')) || 3 }))}
            />,
            <Word
              key="h"
              label="Hint"
              wide="16em"
              value={column.hint}
              onValue={write && ((hint) => write({ hint }))}
            />,
          ]
        }}
      />
    </section>
  )
  return (
    <>
      <p className="mt-2 text-[14px]">
        <span className="text-graphite">Adds the event </span>
        <Choice
          label="Adds the event"
          value={kind.event}
          from={EVENTS}
          onValue={onChange && ((event) => onChange({ event }))}
        />{' '}
        <Choice
          label="For whom"
          value={kind.eventIsOfAll ? 'all' : 'principals'}
          from={{ all: 'for everybody on it', principals: 'for its main people' }}
          onValue={onChange && ((whom) => onChange({ eventIsOfAll: whom === 'all' }))}
        />
        <span className="text-graphite">; ages are </span>
        <Choice
          label="How ages are told"
          value={kind.telling}
          from={['completed', 'running', 'next birthday', 'rounded']}
          onValue={onChange && ((telling) => onChange({ telling }))}
        />
        <span className="text-graphite">; its page is </span>
        <Choice
          label="The page is"
          value={kind.isTall ? 'tall' : 'wide'}
          from={['tall', 'wide']}
          onValue={onChange && ((shape) => onChange({ isTall: shape === 'tall' }))}
        />
        <span className="text-graphite">; found by </span>
        <Word
          label="Everyday words"
          wide="20em"
          value={kind.words}
          onValue={onChange && ((words) => onChange({ words }))}
        />
      </p>
      {columns('columns', 'Columns of the roll')}
      {columns('heads', 'Said once, in the head')}
      <section className="mt-3">
        <h3 className="heads font-semibold">What people are on it</h3>
        <Rows
          label="Roles"
          heads={['Role', 'Relation to the main person', 'Spelt also', 'Signs or informs']}
          rows={kind.roles}
          empty={() => ({
            word: '',
            tie: 'none',
            sex: 'U',
            spelled: [],
            of: '',
            resides: false,
            acts: false,
            aside: false,
          })}
          onRows={onChange && ((roles) => onChange({ roles }))}
          cells={(role, set) => {
            const write = onChange ? set : null
            return [
              <Word key="w" label="Role" value={role.word} onValue={write && ((word) => write({ word }))} />,
              <Choice
                key="t"
                label="Relation"
                value={role.tie}
                from={TIES}
                onValue={write && ((tie) => write({ tie }))}
              />,
              <Word
                key="s"
                label="Spelt also"
                wide="18em"
                value={role.spelled.join(', ')}
                onValue={write && ((text) => write({ spelled: text.split(',').map((one) => one.trim()) }))}
              />,
              <Choice
                key="a"
                label="Signs or informs"
                value={role.acts ? 'yes' : 'no'}
                from={['no', 'yes']}
                onValue={write && ((acts) => write({ acts: acts === 'yes' }))}
              />,
            ]
          }}
        />
      </section>
    </>
  )
}
