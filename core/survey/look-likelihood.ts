import { materialKey } from '../materials'
import type { MaterialKey } from '../materials/ids'
import type { Pipe } from '../catalogue/pipe'
import { coarseLooks, type LookKind } from '../job/look'

type Shares = Readonly<Record<string, number>>
/** No other pipe shows a metal ring between two of plastic: that end decides. */
const noRing = 0.000001
const plasticEnd: Shares = { plastic: 0.96, 'thick plastic': 0.03, 'plastic-metal-plastic': noRing }
const thickEnd: Shares = { 'thick plastic': 0.85, plastic: 0.12, 'plastic-metal-plastic': noRing }
const plasticScratch: Shares = { plastic: 0.98 }
const noMagnet: Shares = { 'does not stick': 0.98, faint: 0.01 }
const magnet: Shares = { sticks: 0.97, faint: 0.02 }
const dull: Shares = { dull: 0.95, rings: 0.05 }
const rings: Shares = { rings: 0.9, dull: 0.1 }
/** A straight offcut shows no memory of its coil: a third of all inspectors cannot say. */
const springs = (straightens: number, curls: number): Shares => ({
  'springs back': 0.92 - straightens - curls,
  'springs back, straightens': straightens,
  'springs back, keeps its curl': curls,
  'very flexible': 0.02,
  'flexible, waxy': 0.02,
  'bends and stays': 0.03,
  rigid: 0.01,
})
const rigid: Shares = { rigid: 0.97 }
const noStripe: Shares = { none: 0.95, blue: 0.02, red: 0.02 }
const copperColours: Shares = { 'red-brown': 0.66, green: 0.14, painted: 0.18 }
const pexColours: Shares = { white: 0.62, red: 0.12, blue: 0.05, black: 0.05, translucent: 0.12, grey: 0.03 }
/** In North America hot is sold red and cold blue. */
const coloursOf: Readonly<Record<string, Shares>> = {
  'ASTM F876': { white: 0.36, red: 0.28, blue: 0.28, translucent: 0.05, black: 0.02 },
}

const pex = {
  magnet: noMagnet,
  'cut-end': plasticEnd,
  tap: dull,
  scratch: plasticScratch,
  colour: pexColours,
  stripe: noStripe,
  joint: {
    'copper ring': 0.34,
    'pinched clamp': 0.17,
    'push-fit collar': 0.3,
    'nut and olive': 0.1,
    'press sleeve with windows': 0.03,
  },
}
const copper = {
  magnet: noMagnet,
  'cut-end': { 'reddish metal': 0.985, 'grey metal': 0.01, 'plastic-metal-plastic': noRing },
  tap: rings,
  scratch: { reddish: 0.97, 'silver-grey': 0.02 },
  colour: copperColours,
  stripe: { none: 0.4, green: 0.05, blue: 0.35, red: 0.2 },
  joint: { 'silver ring of solder': 0.66, 'nut and olive': 0.15, 'press bead': 0.11, 'push-fit collar': 0.07 },
}
const onlySolvent: Shares = { 'cemented bead': 0.92, thread: 0.05 }
const onlyThread: Shares = { thread: 0.95, 'nut and olive': 0.03 }

/** How often each answer is given for each material; what is not listed is a slip of one in five hundred. Typical. */
const table: Readonly<Record<MaterialKey, Readonly<Record<Exclude<LookKind, 'place'>, Shares>>>> = {
  'copper-hard': { ...copper, feel: { rigid: 0.96, 'bends and stays': 0.04 } },
  'copper-soft': { ...copper, feel: { 'bends and stays': 0.93, rigid: 0.07 } },
  'pex-a': {
    ...pex,
    feel: springs(0.56, 0.06),
    joint: { 'plastic ring': 0.45, 'copper ring': 0.2, 'pinched clamp': 0.1, 'push-fit collar': 0.18 },
  },
  'pex-b': { ...pex, feel: springs(0.05, 0.58) },
  'pex-c': { ...pex, feel: springs(0.1, 0.4) },
  multilayer: {
    ...pex,
    'cut-end': { 'plastic-metal-plastic': 0.97, plastic: 0.02 },
    feel: { 'bends and stays': 0.92, rigid: 0.05, 'springs back': 0.03 },
    colour: { white: 0.8, grey: 0.12, black: 0.04 },
    joint: { 'press sleeve with windows': 0.82, 'nut and olive': 0.15, 'push-fit collar': 0.02 },
  },
  pb: {
    ...pex,
    feel: { 'very flexible': 0.7, 'springs back': 0.2, 'springs back, straightens': 0.06 },
    colour: { grey: 0.75, white: 0.15, black: 0.05, blue: 0.03 },
    joint: { 'push-fit collar': 0.6, 'copper ring': 0.28, 'nut and olive': 0.1 },
  },
  cpvc: { ...pex, feel: rigid, colour: { cream: 0.9, white: 0.05, grey: 0.03 }, joint: onlySolvent },
  'pvc-u': { ...pex, feel: rigid, colour: { white: 0.65, grey: 0.3, blue: 0.03 }, joint: onlySolvent },
  pe: {
    ...pex,
    feel: {
      'flexible, waxy': 0.56,
      'springs back, keeps its curl': 0.24,
      'springs back': 0.12,
      'stiff, waxy': 0.06,
      rigid: 0.01,
    },
    colour: { blue: 0.6, black: 0.38 },
    joint: { 'large plastic nut': 0.85, 'fused collar': 0.1 },
  },
  'pe-rt': { ...pex, feel: springs(0.1, 0.4) },
  'pp-r': {
    ...pex,
    'cut-end': thickEnd,
    feel: { 'stiff, waxy': 0.6, rigid: 0.32, 'flexible, waxy': 0.05 },
    colour: { green: 0.55, grey: 0.25, white: 0.17 },
    joint: { 'fused collar': 0.93, thread: 0.04 },
  },
  'galvanised-steel': {
    magnet,
    'cut-end': { 'grey metal': 0.98, 'plastic-metal-plastic': noRing },
    feel: rigid,
    tap: rings,
    scratch: { 'silver-grey': 0.96, 'shiny soft grey': 0.02 },
    colour: { grey: 0.7, silver: 0.1, painted: 0.18 },
    stripe: noStripe,
    joint: onlyThread,
  },
  'stainless-steel': {
    magnet: { 'does not stick': 0.8, faint: 0.18, sticks: 0.02 },
    'cut-end': { 'grey metal': 0.98, 'plastic-metal-plastic': noRing },
    feel: rigid,
    tap: rings,
    scratch: { 'silver-grey': 0.97 },
    colour: { silver: 0.93, grey: 0.04, painted: 0.02 },
    stripe: noStripe,
    joint: { 'press bead': 0.9, 'nut and olive': 0.06, thread: 0.02 },
  },
  'carbon-steel': {
    magnet,
    'cut-end': { 'grey metal': 0.98, 'plastic-metal-plastic': noRing },
    feel: rigid,
    tap: rings,
    scratch: { 'silver-grey': 0.97 },
    colour: { silver: 0.85, grey: 0.1, painted: 0.04 },
    stripe: noStripe,
    joint: { 'press bead': 0.95, 'nut and olive': 0.03 },
  },
  lead: {
    magnet: noMagnet,
    'cut-end': { 'grey metal': 0.97, 'plastic-metal-plastic': noRing },
    feel: { 'bends and stays': 0.9, rigid: 0.1 },
    tap: dull,
    scratch: { 'shiny soft grey': 0.96, 'silver-grey': 0.03 },
    colour: { grey: 0.8, painted: 0.18 },
    stripe: noStripe,
    joint: { 'wiped bulb': 0.85, 'silver ring of solder': 0.04, 'nut and olive': 0.08 },
  },
  abs: { ...pex, feel: rigid, colour: { black: 0.95, grey: 0.03 }, joint: onlySolvent },
}

/** Where a pipe of each material stands in a house and before it; typical. Plastic for hot water is kept from daylight. */
const indoors: Shares = { 'in a floor': 0.4, 'on a wall': 0.55, 'in the ground': 0.02, outdoors: 0.01 }
const mostlyOnWalls: Shares = { 'on a wall': 0.8, 'in a floor': 0.15, outdoors: 0.02, 'in the ground': 0.01 }
const places: Readonly<Record<MaterialKey, Shares>> = {
  'copper-hard': { 'on a wall': 0.74, 'in a floor': 0.17, outdoors: 0.06, 'in the ground': 0.03 },
  'copper-soft': { 'on a wall': 0.45, 'in a floor': 0.25, 'in the ground': 0.25, outdoors: 0.05 },
  'pex-a': indoors,
  'pex-b': indoors,
  'pex-c': indoors,
  multilayer: indoors,
  pb: { ...indoors, 'in the ground': 0.06 },
  cpvc: mostlyOnWalls,
  'pvc-u': { 'in the ground': 0.4, outdoors: 0.25, 'on a wall': 0.3, 'in a floor': 0.05 },
  pe: { 'in the ground': 0.84, outdoors: 0.07, 'in a floor': 0.06, 'on a wall': 0.03 },
  'pe-rt': indoors,
  'pp-r': mostlyOnWalls,
  'galvanised-steel': { 'on a wall': 0.62, outdoors: 0.13, 'in the ground': 0.15, 'in a floor': 0.1 },
  'stainless-steel': mostlyOnWalls,
  'carbon-steel': mostlyOnWalls,
  lead: { 'in the ground': 0.5, 'on a wall': 0.25, 'in a floor': 0.2, outdoors: 0.05 },
  abs: { 'in a floor': 0.3, 'on a wall': 0.5, 'in the ground': 0.15, outdoors: 0.05 },
}

const rare = 0.002
const stripeOfGrade: Readonly<Record<string, string>> = { K: 'green', L: 'blue', M: 'red' }

function sharesOf(key: MaterialKey, standard: string, kind: Exclude<LookKind, 'stripe'>): Shares {
  if (kind === 'place') return places[key]
  return (kind === 'colour' && coloursOf[standard]) || table[key][kind]
}

/** How often just this answer is given for a pipe; its grade tells the stripe of ASTM B88 copper apart. */
export function answerShare(pipe: Pipe, kind: LookKind, value: string): number {
  const { grade, standard } = pipe
  const key = materialKey(pipe)
  const stripe = key.startsWith('copper') ? stripeOfGrade[grade] : undefined
  if (kind === 'stripe' && stripe) return value === stripe ? 0.6 : value === 'none' ? 0.39 : rare
  if (kind === 'stripe') return value === 'none' ? 0.95 : rare
  const shares = sharesOf(key, standard, kind)
  return shares[value] ?? rare
}

/** How likely an answer is for a pipe; a coarse answer is as likely as the finer ones that it leaves open. */
export function lookLikelihood(pipe: Pipe, kind: LookKind, value: string): number {
  const finer = coarseLooks[kind]?.[value] ?? [value]
  return finer.reduce((sum, answer) => sum + answerShare(pipe, kind, answer), 0)
}
