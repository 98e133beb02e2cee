/** When something was done, as a day and an hour of the reader's own. */
export function formatMoment(at: string): string {
  return new Date(at).toLocaleString('en-GB', { dateStyle: 'medium', timeStyle: 'short' })
}

/** The same without the hour. */
export function formatDay(at: string): string {
  return new Date(at).toLocaleDateString('en-GB', { dateStyle: 'medium' })
}
