/** A moment as this reader's browser writes it: day and minute. */
export const useWhen =
  () =>
  (at: string): string =>
    new Date(at).toLocaleString([], { dateStyle: 'short', timeStyle: 'short' })
