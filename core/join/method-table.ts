import { materialKey, type MaterialKey } from '../catalogue/material'
import type { MethodId } from '../catalogue/method'
import type { Pipe } from '../catalogue/pipe'
import { caution, fits, refuse, type Finding } from './rule'

/** The columns of the table: push-fit has two bodies, crimp and clamp are one. */
type Column =
  | 'solder'
  | 'press-metal'
  | 'press-multilayer'
  | 'ring'
  | 'expansion'
  | 'push-fit-metal'
  | 'push-fit-plastic'
  | 'compression'
  | 'compression-pe'
  | 'solvent'
  | 'thread'

const byAdapter = caution('a thread is not cut on it: use an adapter to a threaded end')
const noOther: Readonly<Record<Column, Finding>> = {
  solder: refuse('it cannot be soldered'),
  'press-metal': refuse('its wall is not made for a metal press fitting'),
  'press-multilayer': refuse('the sleeve and insert are made for multilayer pipe'),
  ring: refuse('a ring on a barb holds only PEX'),
  expansion: refuse('it does not recover after expansion'),
  'push-fit-metal': refuse('a metal-body push-fit does not take it'),
  'push-fit-plastic': refuse('a plastic-body push-fit does not take it'),
  compression: refuse('an olive does not hold on it'),
  'compression-pe': refuse('that grip ring is made for PE'),
  solvent: refuse('no cement joins it'),
  thread: byAdapter,
}

const pex: Partial<Record<Column, Finding>> = {
  'press-multilayer': caution('only where the press system lists PEX'),
  ring: fits('on the barb, with the ring 3 to 6 mm from the end'),
  'push-fit-metal': fits('with a stiffener'),
  'push-fit-plastic': fits('with an insert'),
  compression: fits('with an insert'),
}
const stiffPex = { ...pex, expansion: refuse('PEX-B and PEX-C do not recover enough: use a crimp ring or a clamp') }

const rows: Readonly<Record<MaterialKey, Partial<Record<Column, Finding>>>> = {
  'copper-hard': {
    solder: fits('bright and fluxed'),
    'press-metal': fits('deburred and round'),
    'push-fit-metal': fits('no insert'),
    'push-fit-plastic': fits('no insert'),
    compression: fits('with an olive'),
  },
  'copper-soft': {
    solder: fits('re-rounded first'),
    'press-metal': caution('re-round it, and ask for the maker’s word on soft copper'),
    'push-fit-metal': refuse('soft copper is seldom round and dents under the grip: use solder or compression'),
    'push-fit-plastic': refuse('only with a liner and the maker’s word: use solder or compression'),
    compression: fits('with a liner, re-rounded'),
  },
  'pex-a': { ...pex, expansion: fits('ring flush with the end, pushed home at once') },
  'pex-b': stiffPex,
  'pex-c': stiffPex,
  multilayer: {
    'press-multilayer': fits('calibrated and bevelled'),
    'push-fit-metal': refuse('its diameter is not copper tube size: only a fitting that lists it'),
    'push-fit-plastic': caution('only where the fitting’s maker lists it'),
    compression: fits('with its own insert and ring'),
  },
  pb: {
    ring: caution('rings are not made for it any more: where it is the old grey kind, replace it'),
    'push-fit-metal': fits('with a stiffener, where the fitting lists it'),
    'push-fit-plastic': fits('with an insert'),
    compression: fits('with an insert'),
  },
  cpvc: {
    'push-fit-metal': fits('no stiffener unless the fitting’s maker asks for one'),
    compression: caution('it cracks when overtightened: a plastic olive, and the maker’s word'),
    solvent: fits('with CPVC cement'),
    thread: caution('by a male plastic adapter only'),
  },
  'pvc-u': {
    'push-fit-metal': refuse('its outside diameter is larger than copper tube size'),
    compression: caution('a repair coupling made for it, not an olive'),
    solvent: fits('with PVC cement, cold water only'),
    thread: caution('by a male plastic adapter only'),
  },
  pe: {
    'push-fit-plastic': caution('only where the fitting’s maker lists it'),
    'compression-pe': fits('with a liner'),
  },
  'pp-r': {
    solvent: refuse('no cement joins it: socket fusion, or its own threaded insert'),
  },
  'galvanised-steel': {
    compression: caution('repair couplings only'),
    thread: fits('cut, cleaned and sealed'),
  },
  'stainless-steel': {
    'press-metal': fits('deburred; mind which seal the system asks for'),
    'push-fit-metal': caution('only where listed: the grip slides on a hard wall'),
    'push-fit-plastic': caution('only where listed: the grip slides on a hard wall'),
    compression: caution('with an olive listed for stainless'),
  },
  'carbon-steel': {
    'press-metal': fits('sealed heating only'),
    compression: caution('it rusts where the zinc is cut: keep it dry, heating only'),
  },
  lead: {},
}

const leadReason = refuse('replace lead; only a listed lead-to-new coupling, put on by a licensed person')

function columnOf(method: MethodId, pipe: Pipe): Column {
  if (method === 'push-fit')
    return pipe.family === 'cts' || pipe.family === 'schedule' ? 'push-fit-metal' : 'push-fit-plastic'
  return method === 'crimp' || method === 'clamp' ? 'ring' : method
}

/**
 * What the first table of the trade says of a method on a pipe, before size and place are looked at.
 * Push-fit is read from the body that is made for the pipe's family: metal for copper tube size, plastic for metric.
 */
export function tableFinding(method: MethodId, pipe: Pipe): Finding {
  if (pipe.material === 'lead') return leadReason
  const column = columnOf(method, pipe)
  return rows[materialKey(pipe)][column] ?? noOther[column]
}
