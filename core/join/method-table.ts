import { methods } from '../methods'
import type { Column } from '../methods/method'
import { materialKey, materialOf } from '../materials'
import type { MaterialKey } from '../materials/ids'
import type { MethodId } from '../methods/ids'
import { holdsPressure, type Pipe, type SizeFamily } from '../catalogue/pipe'
import type { TableSentence } from './table-sentences'
import type { VerdictKind } from './verdict'

/** One cell of the table. */
export interface Finding {
  readonly verdict: VerdictKind
  readonly message: TableSentence
}
const fits = (message: TableSentence): Finding => ({ verdict: 'fits', message })
const caution = (message: TableSentence): Finding => ({ verdict: 'caution', message })
const refuse = (message: TableSentence): Finding => ({ verdict: 'refuse', message })

const byAdapter = caution('by adapter')
const noOther: Readonly<Record<Column, Finding>> = {
  solder: refuse('not soldered'),
  'press-metal': refuse('not pressed'),
  'press-multilayer': refuse('multilayer only'),
  ring: refuse('PEX only'),
  expansion: refuse('does not recover'),
  'push-fit-metal': refuse('no metal push-fit'),
  'push-fit-plastic': refuse('no plastic push-fit'),
  compression: refuse('olive slips'),
  'compression-pe': refuse('PE only'),
  solvent: refuse('no cement'),
  thread: byAdapter,
  fusion: refuse('PP-R only'),
}

const pex: Partial<Record<Column, Finding>> = {
  'press-multilayer': caution('listed by the system'),
  ring: fits('ring on barb'),
  'push-fit-metal': fits('stiffener'),
  'push-fit-plastic': fits('insert'),
  compression: fits('insert'),
}
const stiffPex = { ...pex, expansion: refuse('stiff PEX') }

const rows: Readonly<Record<MaterialKey, Partial<Record<Column, Finding>>>> = {
  'copper-hard': {
    solder: fits('bright'),
    'press-metal': fits('deburred'),
    'push-fit-metal': fits('no insert'),
    'push-fit-plastic': fits('no insert'),
    compression: fits('olive'),
  },
  'copper-soft': {
    solder: fits('re-rounded'),
    'press-metal': caution('soft press'),
    'push-fit-metal': refuse('soft push-fit'),
    'push-fit-plastic': refuse('soft push-fit liner'),
    compression: fits('soft liner'),
  },
  'pex-a': { ...pex, expansion: fits('flush ring') },
  'pex-b': stiffPex,
  'pex-c': stiffPex,
  multilayer: {
    'press-multilayer': fits('calibrated'),
    'push-fit-metal': refuse('not tube size'),
    'push-fit-plastic': caution('listed by the maker'),
    compression: fits('own insert'),
  },
  pb: {
    'push-fit-plastic': fits('insert'),
    compression: fits('insert'),
  },
  cpvc: {
    'push-fit-metal': fits('no stiffener'),
    compression: caution('cracks'),
    solvent: fits('CPVC cement'),
    thread: caution('male adapter'),
  },
  'pvc-u': {
    'push-fit-metal': refuse('larger'),
    compression: caution('made for it'),
    solvent: fits('PVC cement'),
    thread: caution('male adapter'),
  },
  pe: {
    'push-fit-plastic': caution('listed by the maker'),
    'compression-pe': fits('liner'),
  },
  'pe-rt': {
    'press-multilayer': caution('listed by the system'),
    'push-fit-metal': caution('listed by the maker'),
    'push-fit-plastic': caution('listed by the maker'),
    compression: caution('listed by the maker'),
  },
  'pp-r': {
    solvent: refuse('fusion'),
    fusion: fits('fused'),
  },
  'galvanised-steel': {
    compression: caution('repair only'),
    thread: fits('threaded'),
  },
  'stainless-steel': {
    'press-metal': fits('stainless press'),
    'push-fit-metal': caution('hard wall'),
    'push-fit-plastic': caution('hard wall'),
    compression: caution('listed olive'),
  },
  'carbon-steel': {
    'press-metal': fits('sealed heating'),
    compression: caution('rusts'),
  },
  lead: {},
  abs: {},
}

const leadReason = refuse('lead')

/** Withdrawn long ago: whatever holds on it is a way to the next piece of good pipe, and no more. */
const oldGrey: Partial<Record<Column, Finding>> = {
  ring: caution('old grey'),
  'push-fit-metal': caution('old grey'),
  'push-fit-plastic': caution('old grey'),
  compression: caution('old grey'),
}

const listed: Partial<Record<Column, Finding>> = {
  'push-fit-metal': caution('listed by the maker'),
  'push-fit-plastic': caution('listed by the maker'),
  compression: caution('listed by the maker'),
}

/** Standards whose pipe takes something else than its material does. */
const byStandard: Readonly<Record<string, Partial<Record<Column, Finding>>>> = {
  'old grey CTS': oldGrey,
  // Service pipe of copper tube size is no PEX; heating pipe of PB keeps to its own system.
  'ASTM D2737': listed,
  'ISO 15876': listed,
}

/** Where metal bodies are sold: by inch sizes. */
const metalBodied: ReadonlySet<SizeFamily> = new Set(['cts', 'schedule', 'pex-al-pex'])

/**
 * What the first table of the trade says of a method on a pipe, before size and place are looked at.
 * Push-fit is read from the body that is made for the pipe's family: metal for inch sizes, plastic for metric.
 */
export function tableFinding(method: MethodId, pipe: Pipe): Finding {
  if (materialOf(pipe).isReplaced) return leadReason
  if (!holdsPressure(pipe)) return refuse('drain')
  const column = methods[method].column(metalBodied.has(pipe.family))
  const row = byStandard[pipe.standard] ?? rows[materialKey(pipe)]
  return row[column] ?? noOther[column]
}
