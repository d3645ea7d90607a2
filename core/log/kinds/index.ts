import type { EntryKind } from '../kind'
import { jointEvidence, jointInspected, jointMade, jointUndone } from './joints'
import { fixingPlaced, partIssued, partLeft, partUsed, pipeCut } from './parts'
import { balanced, disinfected, heatingFilled, outletMeasured, vented, warmLook } from './commission'
import { correction, covered, handedOver, note, photo, visitTimes } from './record'
import { leakCheck, openedAgain, pumped, reading, testBegun, testEnded, testLook, touched } from './tests'
import { dosed, filled, flushed, isolated, purged } from './water'

/** Every kind of entry, in the order in which a job meets them. */
export const entryKinds = [
  jointMade,
  jointEvidence,
  jointInspected,
  jointUndone,
  pipeCut,
  fixingPlaced,
  partIssued,
  partUsed,
  partLeft,
  isolated,
  filled,
  purged,
  flushed,
  dosed,
  disinfected,
  outletMeasured,
  heatingFilled,
  vented,
  balanced,
  warmLook,
  testBegun,
  pumped,
  reading,
  touched,
  testLook,
  leakCheck,
  testEnded,
  openedAgain,
  visitTimes,
  note,
  photo,
  covered,
  handedOver,
  correction,
] as const

const byId: ReadonlyMap<string, EntryKind> = new Map(
  entryKinds.map((kind): [string, EntryKind] => [kind.meta.id, kind]),
)
export const kindOf = (id: string): EntryKind | undefined => byId.get(id)
