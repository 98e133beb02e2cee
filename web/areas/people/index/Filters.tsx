import type { PeopleFilters } from './usePeopleFilters'

const ONLY = ['tied to nobody', 'living', 'undated', 'sex unknown']

/** By sex, by years of birth, and those alone of whom something is so. */
export function Filters({ filters }: { filters: PeopleFilters }) {
  const { sex, setSex, years, setYears, only, setOnly, relatedTo } = filters
  return (
    <span className="flex flex-wrap items-baseline gap-2 text-[14px]">
      <select className="gap" aria-label="Sex" value={sex} onChange={(event) => setSex(event.target.value)}>
        <option value="">any sex</option>
        <option value="F">female</option>
        <option value="M">male</option>
        <option value="X">other</option>
        <option value="U">not known</option>
      </select>
      <span className="text-graphite">born</span>
      {['from', 'to'].map((word, index) => (
        <input
          key={word}
          className="gap w-[52px]"
          inputMode="numeric"
          aria-label={`Born ${word}`}
          placeholder={word}
          value={years[index]}
          onChange={(event) => setYears(years.map((year, at) => (at === index ? event.target.value : year)))}
        />
      ))}
      <select
        className="gap max-w-[220px]"
        aria-label="Only those who are"
        value={only}
        onChange={(event) => setOnly(event.target.value)}
      >
        <option value="">everybody</option>
        {ONLY.map((one) => (
          <option key={one}>{one}</option>
        ))}
        {only === 'line' && <option value="line">those who are numbered</option>}
        {relatedTo.id !== '' && <option value="kin">kin of {relatedTo.name}, and their partners</option>}
      </select>
    </span>
  )
}
