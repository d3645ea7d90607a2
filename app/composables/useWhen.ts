/** A moment as this reader writes it: day and minute, by the clock of where the work is. */
export function useWhen() {
  const { units } = useWords()
  return (at: string): string =>
    new Date(at).toLocaleString(units.value === 'metric' ? 'en-GB' : 'en-US', {
      dateStyle: 'medium',
      timeStyle: 'short',
    })
}
