import type { MaterialKey } from '../catalogue/material'
import { anyMetal, type LookKind } from '../job/look'

type Shares = Readonly<Record<string, number>>
const plasticEnd: Shares = { plastic: 0.97, 'plastic-metal-plastic': 0.02 }
const plasticScratch: Shares = { plastic: 0.98 }
const noMagnet: Shares = { 'does not stick': 0.98, faint: 0.01 }
const magnet: Shares = { sticks: 0.97, faint: 0.02 }
const dull: Shares = { dull: 0.95, rings: 0.05 }
const rings: Shares = { rings: 0.9, dull: 0.1 }
const springs: Shares = { 'springs back': 0.88, waxy: 0.05, 'bends and stays': 0.04, rigid: 0.03 }
const rigid: Shares = { rigid: 0.97 }
const noStripe: Shares = { none: 0.95, blue: 0.02, red: 0.02 }
const copperColours: Shares = { 'red-brown': 0.66, green: 0.14, painted: 0.18 }
const pexColours: Shares = { white: 0.42, red: 0.2, blue: 0.2, black: 0.05, translucent: 0.1, grey: 0.02 }

const pex = {
  magnet: noMagnet,
  'cut-end': plasticEnd,
  feel: springs,
  tap: dull,
  scratch: plasticScratch,
  colour: pexColours,
  stripe: noStripe,
}
const copper = {
  magnet: noMagnet,
  'cut-end': { 'reddish metal': 0.97, 'grey metal': 0.02 },
  tap: rings,
  scratch: { reddish: 0.97, 'silver-grey': 0.02 },
  colour: copperColours,
  stripe: { none: 0.4, green: 0.05, blue: 0.35, red: 0.2 },
}

/** How often each answer is given for each material; what is not listed happens to one in two hundred. Typical. */
const table: Readonly<Record<MaterialKey, Readonly<Record<LookKind, Shares>>>> = {
  'copper-hard': { ...copper, feel: { rigid: 0.96, 'bends and stays': 0.04 } },
  'copper-soft': { ...copper, feel: { 'bends and stays': 0.93, rigid: 0.07 } },
  'pex-a': pex,
  'pex-b': pex,
  'pex-c': pex,
  multilayer: {
    ...pex,
    'cut-end': { 'plastic-metal-plastic': 0.97, plastic: 0.02 },
    feel: { 'bends and stays': 0.92, rigid: 0.05, 'springs back': 0.03 },
    colour: { white: 0.8, grey: 0.12, black: 0.04 },
  },
  pb: { ...pex, colour: { grey: 0.75, white: 0.15, black: 0.05, blue: 0.03 } },
  cpvc: { ...pex, feel: rigid, colour: { cream: 0.9, white: 0.05, grey: 0.03 } },
  'pvc-u': { ...pex, feel: rigid, colour: { white: 0.65, grey: 0.3, blue: 0.03 } },
  pe: { ...pex, feel: { waxy: 0.75, 'springs back': 0.2, rigid: 0.04 }, colour: { blue: 0.6, black: 0.38 } },
  'pp-r': {
    ...pex,
    feel: { waxy: 0.45, rigid: 0.5, 'springs back': 0.04 },
    colour: { green: 0.55, grey: 0.25, white: 0.17 },
  },
  'galvanised-steel': {
    magnet,
    'cut-end': { 'grey metal': 0.98 },
    feel: rigid,
    tap: rings,
    scratch: { 'silver-grey': 0.96, 'shiny soft grey': 0.02 },
    colour: { grey: 0.7, silver: 0.1, painted: 0.18 },
    stripe: noStripe,
  },
  'stainless-steel': {
    magnet: { 'does not stick': 0.8, faint: 0.18, sticks: 0.02 },
    'cut-end': { 'grey metal': 0.98 },
    feel: rigid,
    tap: rings,
    scratch: { 'silver-grey': 0.97 },
    colour: { silver: 0.93, grey: 0.04, painted: 0.02 },
    stripe: noStripe,
  },
  'carbon-steel': {
    magnet,
    'cut-end': { 'grey metal': 0.98 },
    feel: rigid,
    tap: rings,
    scratch: { 'silver-grey': 0.97 },
    colour: { silver: 0.85, grey: 0.1, painted: 0.04 },
    stripe: noStripe,
  },
  lead: {
    magnet: noMagnet,
    'cut-end': { 'grey metal': 0.97 },
    feel: { 'bends and stays': 0.9, rigid: 0.1 },
    tap: dull,
    scratch: { 'shiny soft grey': 0.96, 'silver-grey': 0.03 },
    colour: { grey: 0.8, painted: 0.18 },
    stripe: noStripe,
  },
}

const rare = 0.005
const stripeOfGrade: Readonly<Record<string, string>> = { K: 'green', L: 'blue', M: 'red' }

/** How likely an answer is for a material; `grade` tells the stripe of ASTM B88 copper apart. */
export function lookLikelihood(key: MaterialKey, grade: string, kind: LookKind, value: string): number {
  const stripe = key.startsWith('copper') ? stripeOfGrade[grade] : undefined
  if (kind === 'stripe' && stripe) return value === stripe ? 0.6 : value === 'none' ? 0.39 : rare
  if (kind === 'stripe') return value === 'none' ? 0.95 : rare
  const shares: Shares = table[key][kind]
  if (kind === 'cut-end' && value === anyMetal)
    return (shares['reddish metal'] ?? 0) + (shares['grey metal'] ?? 0) + rare
  return shares[value] ?? rare
}
