import { isPlastic } from '../catalogue/material'
import type { Pipe } from '../catalogue/pipe'
import type { Service } from '../job/place'

/** Dashes by service, in units of a third of a letter's height; cold is a whole line. */
export const serviceDashes: Readonly<Record<Service, readonly number[]>> = {
  cold: [],
  hot: [5, 1.4],
  recirculation: [1.6, 1.4],
  'heating-flow': [7, 1.2, 1.2, 1.2],
  'heating-return': [7, 1.2, 1.2, 1.2, 1.2, 1.2],
}

/** Which of the drawing's colours a pipe has. */
export function pipeColour({ material }: Pipe): 'copper' | 'plastic' | 'steel' {
  if (material === 'copper') return 'copper'
  return isPlastic(material) ? 'plastic' : 'steel'
}
