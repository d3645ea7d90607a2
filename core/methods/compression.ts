import { most, type Method } from './method'
import { isPlastic } from '../materials'

/** A nut squeezes an olive on the pipe. */
export const compression: Method = {
  ...most,
  id: 'compression',
  name: 'Compression, olive',
  fitting: 'compression',
  tool: 'two spanners',
  minutes: 6,
  costs: { fitting: 3.2, consumables: 0.1, tool: 40 },
  practice: 'some',
  usual: 8,
  onOldThreeQuarter: 'olive',
  ownBodiesForPlastic: true,
  demountable: true,
  mechanical: true,
  screwed: true,
  slipsInSoil: true,
  wantsRound: true,
  oneSystem: true,
  separatesMetals: true,
  leastShare: 0.8,
  stubRoom: 30,
  insertWall: 1,
  weeps: 3,
  looked: ['markSeen', 'turns'],
  ring: 'olive',
  insert: (pipe) => {
    if (isPlastic(pipe.material)) return `${pipe.nominal} insert`
    return pipe.temper === 'soft' ? `${pipe.nominal} liner for soft copper` : null
  },
  column: () => 'compression',
  made: new Set(['slip coupling', 'valve', 'swivel connector', 'angle stop', 'radiator valve', 'supply stop', 'metric supply stop']),
  rescues: ['tighten', 'undo the nut', 'cut off the olive'],
  section: {
    over: 'pipe',
    gap: 0.3,
    holding: 'olive and nut',
    seal: 0.18,
    grip: 0.4,
    sealText: 'through the olive',
    gripText: 'far enough for the olive to bite',
    stopText: 'at the stop',
    motion: 'Push the pipe in',
    homeText: 'Fully in: the mark is at the mouth, and nothing more is needed.',
    shortText: 'Not fully in: the olive bites at the very end and the pipe pulls out of it.',
    hand: 'turn',
    handText: 'Hold the body still; turn the nut alone.',
    faults: ['too tight', 'tape on the olive'],
  },
}
