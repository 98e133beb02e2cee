const CHOICES: Record<string, string> = {
  '': 'none',
  confidential: 'confidential: hidden in files and reports and from readers',
  privacy: 'private: hidden likewise',
  locked: 'locked: marked as not to be changed',
  'confidential, locked': 'confidential and locked',
  'privacy, locked': 'private and locked',
}

/** What is asked of a person or a fact: withheld from whatever leaves, or marked as not to be changed (RESN in files). */
export function RestrictionField({
  value,
  of,
  onSay,
}: {
  value: string
  of: string
  onSay: (words: string) => void
}) {
  return (
    <label className="flex items-baseline gap-3">
      <span className="heads font-semibold">Restriction</span>
      <select
        className="gap min-w-0 flex-1"
        aria-label={`Restriction of ${of}`}
        value={value in CHOICES ? value : ''}
        onChange={(event) => onSay(event.target.value)}
      >
        {Object.entries(CHOICES).map(([words, says]) => (
          <option key={words} value={words}>
            {says}
          </option>
        ))}
      </select>
    </label>
  )
}
