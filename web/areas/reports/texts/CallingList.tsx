import type { Calling } from './useCalling'

const WIDTH = 420

/** What can be called in, beneath where one writes. */
export function CallingList({ calling }: { calling: Calling }) {
  const { offers, at, place } = calling
  return (
    <ul
      role="listbox"
      aria-label="Call into the text"
      className="fixed z-30 max-h-[300px] overflow-auto rounded-[4px] border border-rule bg-raised py-1 shadow-xl"
      style={{
        width: WIDTH,
        maxWidth: '94vw',
        left: Math.max(8, Math.min(place?.left ?? 0, window.innerWidth - WIDTH - 8)),
        top: (place?.bottom ?? 0) + 4,
      }}
    >
      {offers === null && <li className="px-3 py-1 text-graphite">One moment…</li>}
      {offers?.length === 0 && <li className="px-3 py-1 text-graphite">Nothing of these words.</li>}
      {offers?.map((offer, index) => (
        <li
          key={offer.key}
          role="option"
          aria-selected={index === at}
          className={`cursor-pointer px-3 py-1 ${index === at ? 'bg-wash' : ''}`}
          onMouseDown={(event) => {
            event.preventDefault()
            calling.take(offer)
          }}
        >
          {offer.label} <span className="text-[13px] text-graphite">{offer.part}</span>
          {offer.told !== '' && offer.told !== offer.label && (
            <span className="block font-serif text-[15px]">{offer.told}</span>
          )}
        </li>
      ))}
    </ul>
  )
}
