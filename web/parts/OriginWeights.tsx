import { count } from './count'
const HEIGHT: Record<string, string> = {
  strong: 'h-[13px]',
  fair: 'h-[9px]',
  slight: 'h-[5px]',
  unread: 'h-[9px]',
}

/**
 * Under a date: one stroke for each independent origin, long for a strong one, middle for fair, short for
 * slight, hollow while nobody has read it; after six a number.
 */
export function OriginWeights({ weights, quiet = false }: { weights: string[]; quiet?: boolean }) {
  if (weights.length === 0) return null
  const says = originWeightWords(weights)
  return (
    <span
      className="inline-flex items-end gap-[3px]"
      {...(quiet ? { 'aria-hidden': true } : { role: 'img', 'aria-label': says, title: says })}
    >
      {weights.slice(0, 6).map((weight, at) => (
        <span
          key={at}
          data-notch={weight}
          className={`w-[4px] border border-graphite ${HEIGHT[weight] ?? ''} ${weight === 'unread' ? '' : 'bg-graphite'}`}
        />
      ))}
      {weights.length > 6 && <span className="text-[11px] text-graphite">{weights.length}</span>}
    </span>
  )
}

/** "Two origins: one strong, one slight". */
export function originWeightWords(weights: string[]): string {
  if (weights.length === 0) return 'it has no source yet'
  const kinds = ['strong', 'fair', 'slight', 'unread'].map((weight) => {
    const many = weights.filter((one) => one === weight).length
    return many === 0 ? '' : `${many} ${weight === 'unread' ? 'not read yet' : weight}`
  })
  return `Backed by ${count(weights.length, 'independent origin')}: ${kinds.filter(Boolean).join(', ')}`
}
