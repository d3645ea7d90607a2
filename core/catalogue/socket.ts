import type { Figure } from '../quantity/basis'
import { sizeToMillimetres } from '../quantity/units'
import { methods } from '../methods'
import type { MethodId } from '../methods/ids'
import type { SizeFamily } from './pipe'
import { socketRows } from './tables/sockets'
import { roughSocketRows } from './tables/rough-sockets'
import { threadDiameter } from './thread-size'

/** The end of a fitting that takes a pipe: a cup, a barb, a body with a seal, a thread. */
export interface Socket {
  readonly id: string
  readonly label: string
  readonly method: MethodId
  readonly system: string
  readonly size: string
  /** What it is called beside its size: `solder`, `CPVC solvent`, `NPT thread`. */
  readonly word: string
  readonly family: SizeFamily
  /** Outside diameter of the pipe that it is made for, in mm. */
  readonly od: number
  /** How far the pipe goes in; null where no figure is known and the part must be measured. */
  readonly insertion: Figure | null
  readonly note: string
}

const copperTubeSize = 3.175
const copperTubeSystems = new Set([
  'ASME B16.22',
  'ASME B16.51',
  'ASTM F1807',
  'ASTM F2098',
  'ASTM F1960',
  'metal body, CTS',
  'CPVC, ASTM D2846',
])
const ironPipeSystems = new Set(['PVC, ASTM D2466', 'NPT', 'ISO 7-1 (BSPT)', 'repair coupling'])
/** What tells two systems of one method apart in a name. */
const madeIn: Readonly<Record<string, string>> = {
  'CPVC, ASTM D2846': 'CPVC',
  'PVC, ASTM D2466': 'PVC',
  'insert set, metric': 'insert',
  'insert set, PEX-AL-PEX': 'PEX-AL-PEX',
  'repair coupling': 'repair',
  'by outside diameter, inch': 'OD',
  NPT: 'NPT',
  'ISO 7-1 (BSPT)': 'BSP',
}
/** Outside diameters of PEX-AL-PEX pipe (ASTM F1281), in mm. */
const pexAlPex: Readonly<Record<string, number>> = { '1/2': 16.002, '3/4': 19.99, '1': 24.994 }
const oldBore: Readonly<Record<string, number>> = { 'old 3/4': 21.488 }

function madeFor(system: string, size: string): { family: SizeFamily; od: number } {
  const bore = oldBore[size]
  if (bore !== undefined) return { family: 'old-bore', od: bore }
  if (copperTubeSystems.has(system)) return { family: 'cts', od: sizeToMillimetres(size) + copperTubeSize }
  if (system === 'insert set, PEX-AL-PEX') return { family: 'pex-al-pex', od: pexAlPex[size]! }
  if (system === 'by outside diameter, inch') return { family: 'cts', od: sizeToMillimetres(size) }
  if (ironPipeSystems.has(system)) return { family: 'schedule', od: threadDiameter(size) }
  return { family: 'metric', od: Number(size) }
}

function socket(
  method: MethodId,
  {
    system,
    size,
    insertion,
    note,
  }: { readonly system: string; readonly size: string; readonly insertion: Figure | null; readonly note: string },
): Socket {
  const word = [madeIn[system], methods[method].fitting].filter(Boolean).join(' ')
  const label = `${size} ${word}`
  return {
    id: `${method}:${system}:${size}`,
    label,
    method,
    system,
    size,
    word,
    insertion,
    note,
    ...madeFor(system, size),
  }
}

/** How far a pipe goes into a socket, in mm; 0 where that is not known. */
export const depthOf = ({ insertion }: Socket): number => insertion?.mm ?? 0

/** Whether a socket's depth is the least engagement that its standard asks for, and not the whole depth of the socket. */
export const isLeastDepth = ({ insertion, note }: Socket): boolean =>
  insertion?.basis === 'standard' && note.startsWith('least engagement')

/** Every socket of the catalogue: those of one depth, then those whose depth is only roughly known. */
export const shippedSockets: readonly Socket[] = [
  ...socketRows.map(([method, system, size, mm, tolerance, basis, note]) =>
    socket(method, { system, size, insertion: { mm, tolerance, basis }, note }),
  ),
  ...roughSocketRows.map(([method, system, size, byDiameter, more, tolerance, note]) => {
    const mm = Math.round((byDiameter * madeFor(system, size).od + more) * 10) / 10
    return socket(method, { system, size, insertion: { mm, tolerance, basis: 'typical' }, note })
  }),
]
