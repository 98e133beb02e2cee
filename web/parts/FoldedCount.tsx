/** How much a folded part holds, behind its name, once it is known. */
export function FoldedCount({ of }: { of: number | undefined }) {
  return of === undefined ? null : <span className="font-normal"> ({of.toLocaleString('en')})</span>
}
