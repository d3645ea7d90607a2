import type { Observation } from '~~/core/job/observation'

/** What was seen or measured of a pipe, in words. */
export function useSeen() {
  const { diameter, say } = useWords()
  return (seen: Observation): string => {
    if (seen.kind === 'diameter')
      return `${seen.instrument} ${diameter(seen.mm)}${seen.painted ? ', painted' : ''}${seen.oval ? ', oval' : ''}`
    if (seen.kind === 'circumference') return `string ${diameter(seen.mm)}`
    if (seen.kind === 'wall') return `wall ${diameter(seen.mm)}`
    if (seen.kind === 'gauge') return `${diameter(seen.mm)} gauge ${seen.fits ? 'goes on' : 'does not go on'}`
    return seen.kind === 'print' ? `print “${seen.text}”` : say.value.trade(`${seen.kind}: ${seen.value}`)
  }
}
