/** Says that nothing answers to a filter, and shows all again. */
export function NoneFound({ what, words, onClear }: { what: string; words: string; onClear: () => void }) {
  return (
    <p className="py-4 font-serif text-[18px]">
      {words === '' ? `No ${what} is found with these filters.` : `No ${what} is found for “${words}”.`}{' '}
      <button type="button" className="act font-sans text-[15px]" onClick={onClear}>
        Clear the filters
      </button>
    </p>
  )
}
