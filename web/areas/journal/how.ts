/** How a change came about, in words. */
export const HOW: Record<string, string> = {
  hand: 'by hand',
  batch: 'in one batch',
  import: 'by import',
  proposal: 'by proposal',
}
