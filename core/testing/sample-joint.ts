import type { AssemblyJoint } from '../assembly/question'

/** A joint for tests and examples: soldered, in line, of ten minutes, with no wait and no spring, but for what is said. */
export const sampleJoint = (id: string, parts: [string, string], more: Partial<AssemblyJoint> = {}): AssemblyJoint => ({
  id,
  parts,
  method: 'solder',
  axis: [1, 0, 0],
  insertion: 15,
  spring: 0,
  needsNoPlay: false,
  slides: false,
  inPlace: false,
  turnsAlone: false,
  minutes: 10,
  wait: 0,
  unknown: [],
  where: id,
  ...more,
})
