import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { useTreeId } from '../../../api/useTree'
import { StyledText } from '../../../parts/StyledText'
import { freeCode, QUESTIONS, renamed, type SourceKind } from './kinds'
import { Choice, Rows, Word } from './Rows'
import { queries } from '../../../api/queries'

export type SourceTemplate = Pick<
  SourceKind,
  'name' | 'words' | 'what' | 'where' | 'form' | 'fields' | 'full' | 'short' | 'bibliography'
>

export const templateOf = ({
  name,
  words,
  what,
  where,
  form,
  fields,
  full,
  short,
  bibliography,
}: SourceKind) => ({
  name,
  words,
  what,
  where,
  form,
  fields,
  full,
  short,
  bibliography,
})

const TAGS = {
  '': 'the note',
  TITL: 'title',
  AUTH: 'author',
  PUBL: 'publication',
  ABBR: 'short name',
  CALN: 'call number',
  REPO: 'repository',
  PAGE: 'where in the source',
  DATE: 'date of the entry',
}

/** A kind of source: how each form is set, and its fields; what sources say in a field stands beside it. */
export function SourceKindEditor({
  kind,
  onChange,
}: {
  kind: SourceKind
  onChange: ((said: Partial<SourceTemplate>) => void) | null
}) {
  const tree = useTreeId()
  const { data: used } = useQuery(queries.sourceKindUse(tree, kind.code))
  const [said, setSaid] = useState<Record<string, string>>({})
  const values = { ...Object.fromEntries(kind.fields.map((field) => [field.code, field.example])), ...said }
  const isAsOnServer = onChange === null
  const recode = (from: string, to: string) =>
    onChange?.({
      fields: kind.fields.map((field) => ({
        ...field,
        code: field.code === from ? to : field.code,
        onlyWith: field.onlyWith === from ? to : field.onlyWith,
      })),
      full: renamed(kind.full, from, to),
      short: renamed(kind.short, from, to),
      bibliography: renamed(kind.bibliography, from, to),
    })
  const { data: forms } = useQuery({
    ...queries.sourceForms(tree, { kind: kind.code, fields: { ...values, locator: 'p. 31' } }),
    enabled: isAsOnServer,
  })
  return (
    <>
      <dl className="mt-2 grid grid-cols-[110px_minmax(0,1fr)] gap-x-3 gap-y-1">
        {(
          [
            ['full', 'Full note'],
            ['short', 'Short note'],
            ['bibliography', 'Bibliography'],
          ] as const
        ).map(([form, label]) => (
          <div key={form} className="contents">
            <dt className="heads pt-[3px]">{label}</dt>
            <dd>
              {onChange ? (
                <textarea
                  className="gap w-full font-mono text-[13px]"
                  rows={2}
                  aria-label={label}
                  value={kind[form]}
                  onChange={(event) => onChange({ [form]: event.target.value })}
                />
              ) : (
                <>
                  <p className="font-serif text-[16px]">{forms && <StyledText words={forms[form]} />}</p>
                  <p className="font-mono text-[12px] text-graphite">{kind[form]}</p>
                </>
              )}
            </dd>
          </div>
        ))}
      </dl>
      {onChange && (
        <p className="mt-1 text-[13px] text-graphite">
          {
            '{field} is where a value goes, *…* is italic, and what stands between [ and ] is left out when a field in it is empty.'
          }
        </p>
      )}
      <p className="mt-2 text-[14px]">
        <span className="text-graphite">It is </span>
        <Choice
          label="What it is"
          value={kind.what}
          from={QUESTIONS.what}
          onValue={onChange && ((what) => onChange({ what }))}
        />
        <span className="text-graphite">, found by </span>
        <Word
          label="Everyday words"
          wide="26em"
          value={kind.words}
          onValue={onChange && ((words) => onChange({ words }))}
        />
      </p>
      <div className="mt-3">
        <Rows
          label="Fields"
          heads={['Field', 'Hint', 'Goes to', 'Asked of', isAsOnServer ? 'Try it' : 'Example', 'Said by']}
          rows={kind.fields}
          empty={() => ({
            code: freeCode(kind.fields, 'field'),
            label: '',
            hint: '',
            example: '',
            kind: 'text',
            tag: '',
            isOfRecord: false,
            onlyWith: '',
          })}
          onRows={onChange && ((fields) => onChange({ fields }))}
          cells={(field, set) => {
            const use = used?.fields.find((one) => one.field === field.code)
            const write = onChange ? set : null
            return [
              <span key="label">
                <Word
                  label="What it is called"
                  value={field.label}
                  wide="9em"
                  onValue={write && ((label) => write({ label }))}
                />{' '}
                {write ? (
                  <Word
                    label={`Code of ${field.label || 'the field'}`}
                    wide="7em"
                    value={field.code}
                    onValue={(typed) => recode(field.code, typed.replace(/[^A-Za-z0-9]/g, ''))}
                  />
                ) : (
                  <span className="font-mono text-[12px] text-graphite">{`{${field.code}}`}</span>
                )}
              </span>,
              <Word
                key="hint"
                label="Hint"
                value={field.hint}
                wide="14em"
                onValue={write && ((hint) => write({ hint }))}
              />,
              <Choice
                key="tag"
                label="Goes to"
                value={field.tag}
                from={TAGS}
                onValue={write && ((tag) => write({ tag }))}
              />,
              <Choice
                key="level"
                label="Asked of"
                value={field.isOfRecord ? 'record' : 'source'}
                from={{ source: 'source', record: 'each record' }}
                onValue={write && ((level) => write({ isOfRecord: level === 'record' }))}
              />,
              <Word
                key="example"
                label={`An example of ${field.label}`}
                value={isAsOnServer ? (values[field.code] ?? '') : field.example}
                onValue={
                  write
                    ? (example) => write({ example })
                    : (value) => setSaid((now) => ({ ...now, [field.code]: value }))
                }
              />,
              <span key="use" className="whitespace-nowrap text-graphite" title={use?.examples.join('\n')}>
                {use === undefined || use.sources === 0
                  ? ''
                  : use.sources === 1
                    ? 'one source'
                    : `${use.sources} sources`}
              </span>,
            ]
          }}
        />
      </div>
      {kind.remarks.length > 0 && isAsOnServer && (
        <section className="mt-3 text-[14px]">
          <h3 className="heads font-semibold">Before it goes to a file</h3>
          <ul>
            {kind.remarks.map((remark) => (
              <li key={remark}>{remark}</li>
            ))}
          </ul>
        </section>
      )}
    </>
  )
}
