import { shippedCatalogue } from '~~/core/catalogue/catalogue'
import type { MethodId } from '~~/core/methods/ids'
import { findPipes } from '~~/core/survey/find-pipe'
import type { Units } from '~~/core/quantity/units'

/** What is asked most of the bench, in the words in which it is asked. */
const joins: Readonly<Record<Units, readonly (readonly [label: string, a: string, b: string])[]>> = {
  metric: [
    ['Old 3/4 to 22', 'old 3/4', '22 copper'],
    ['15 copper to 16 multilayer', '15 copper', '16 multilayer'],
    ['22 copper to 15', '22 copper', '15 copper'],
    ['25 PE to 22 copper', '25 mdpe', '22 copper'],
  ],
  imperial: [
    ['3/4 copper to 3/4 PEX', '3/4 copper', '3/4 pex-b'],
    ['3/4 galvanised to 3/4 copper', '3/4 galv', '3/4 copper'],
    ['1/2 grey PB to 1/2 PEX', '1/2 pb', '1/2 pex-b'],
    ['1/2 CPVC to 1/2 copper', '1/2 cpvc', '1/2 copper'],
  ],
}
const cards: Readonly<Record<Units, readonly (readonly [label: string, pipe: string, method: MethodId])[]>> = {
  metric: [
    ['Solder on 15', '15 copper', 'solder'],
    ['Push-fit on 15', '15 copper', 'push-fit'],
    ['Press on 16 multilayer', '16 multilayer', 'press-multilayer'],
    ['Compression on 22', '22 copper', 'compression'],
    ['25 PE', '25 mdpe', 'compression-pe'],
  ],
  imperial: [
    ['Push-fit on 3/4 copper', '3/4 copper', 'push-fit'],
    ['Solder on 1/2 copper', '1/2 copper', 'solder'],
    ['Crimp on 1/2 PEX', '1/2 pex-b', 'crimp'],
    ['Press on 3/4 copper', '3/4 copper', 'press-metal'],
  ],
}

function pipeId(words: string, units: Units): string {
  const region = units === 'metric' ? 'britain' : 'north-america'
  const [first] = findPipes(shippedCatalogue.pipes, words, { region })
  if (!first) throw new RangeError(`no pipe is called “${words}”`)
  return first.id
}

export const joinsAskedMost = (units: Units) =>
  joins[units].map(([label, a, b]) => ({ label, ask: { a: pipeId(a, units), b: pipeId(b, units) } }))

export const cardsAskedMost = (units: Units) =>
  cards[units].map(([label, pipe, method]) => ({ label, ask: { pipe: pipeId(pipe, units), method } }))
