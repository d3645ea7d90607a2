import { most, type Method } from './method'
import { expansionHold } from './wait'

/** PEX stretched with its ring, which shrinks on the barb. */
export const expansion: Method = {
  ...most,
  id: 'expansion',
  name: 'Cold expansion',
  fitting: 'expansion',
  tool: 'expander and head',
  minutes: 4,
  costs: { fitting: 2.1, consumables: 0.5, tool: 420 },
  practice: 'some',
  usual: 9,
  oneSystem: true,
  separatesMetals: true,
  leastShare: 0.95,
  weeps: 1,
  looked: ['atShoulder'],
  ring: 'expansion ring',
  wait: ({ celsius }) => expansionHold(celsius),
  column: () => 'expansion',
  made: new Set(['union', 'valve', 'drop-ear elbow', 'angle stop', 'stub-out']),
  section: {
    over: 'barb',
    closes: 'flush ring',
    seal: 0.52,
    grip: 0.82,
    sealText: 'over enough of the barb to seal',
    gripText: 'the ring closes over the barb',
    stopText: 'at the shoulder',
    motion: 'Push the pipe in',
    homeText: 'Home: the mark is at the mouth, and nothing more is needed.',
    shortText: 'Not home: the pipe shrinks on the tip of the barb and slides off.',
    burrHurts: false,
    insertHurtsMetal: false,
    hasRingPlace: false,
  },
}
