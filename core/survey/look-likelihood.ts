import type { MaterialKey } from '../catalogue/material'
import { coarseLooks, type LookKind } from '../job/look'

type Shares = Readonly<Record<string, number>>
/** No other pipe shows a metal ring between two of plastic: that end decides. */
const noRing = 0.00001
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
const pexColours: Shares = { white: 0.42, red: 0.2, blue: 0.2, black: 0.05, translucent: 0.1, grey: 0.02 }

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
const table: Readonly<Record<MaterialKey, Readonly<Record<LookKind, Shares>>>> = {
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
    feel: { 'flexible, waxy': 0.84, 'springs back': 0.1, 'stiff, waxy': 0.04, rigid: 0.01 },
    colour: { blue: 0.6, black: 0.38 },
    joint: { 'large plastic nut': 0.85, 'fused collar': 0.1 },
  },
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
}

const rare = 0.002
const stripeOfGrade: Readonly<Record<string, string>> = { K: 'green', L: 'blue', M: 'red' }

/** How often just this answer is given for a material; `grade` tells the stripe of ASTM B88 copper apart. */
export function answerShare(key: MaterialKey, grade: string, kind: LookKind, value: string): number {
  const stripe = key.startsWith('copper') ? stripeOfGrade[grade] : undefined
  if (kind === 'stripe' && stripe) return value === stripe ? 0.6 : value === 'none' ? 0.39 : rare
  if (kind === 'stripe') return value === 'none' ? 0.95 : rare
  const shares: Shares = table[key][kind]
  return shares[value] ?? rare
}

/** How likely an answer is for a material; a coarse answer is as likely as the finer ones that it leaves open. */
export function lookLikelihood(key: MaterialKey, grade: string, kind: LookKind, value: string): number {
  const finer = coarseLooks[kind]?.[value] ?? [value]
  return finer.reduce((sum, answer) => sum + answerShare(key, grade, kind, answer), 0)
}
