import type { MethodId } from '../methods/ids'
import type { Units } from '../quantity/units'

/** New pipe and how it is joined: what a plumber names in one breath. */
export interface PipeWay {
  readonly id: string
  readonly label: string
  readonly pipe: string
  readonly method: MethodId
  /** The same pipe one size up, for what several fixtures hang on. */
  readonly larger: string
  readonly largerLabel: string
  /** And two sizes up, where a pattern asks for it. */
  readonly largest?: string
  readonly largestLabel?: string
  /** How its fittings go on metal pipe that is there. */
  readonly onMetal: MethodId
}

/** Pipe that is there, as it is mostly met. */
export interface PipeThere {
  readonly id: string
  readonly label: string
  readonly pipe: string
  /** How fittings are put into it, where the new pipe says no other way. */
  readonly method: MethodId
  readonly isMetal: boolean
}

const copper = {
  15: 'copper-half-hard-en-1057-r250-15x0.7',
  22: 'copper-half-hard-en-1057-r250-22x0.9',
  28: 'copper-half-hard-en-1057-r250-28x0.9',
} as const
const cts = { half: 'copper-hard-astm-b88-l-1-2', three: 'copper-hard-astm-b88-l-3-4' } as const
const pexB = { half: 'pex-b-astm-f876-sdr9-cts-1-2', three: 'pex-b-astm-f876-sdr9-cts-3-4' } as const
const pexA = { half: 'pex-a-astm-f876-sdr9-cts-1-2', three: 'pex-a-astm-f876-sdr9-cts-3-4' } as const

const inCopper = (method: MethodId, word: string): PipeWay => ({
  id: `copper ${method}`,
  label: `15 copper, ${word}`,
  pipe: copper[15],
  larger: copper[22],
  largerLabel: `22 copper, ${word}`,
  largest: copper[28],
  largestLabel: `28 copper, ${word}`,
  method,
  onMetal: method,
})
const inCts = (method: MethodId, word: string): PipeWay => ({
  id: `copper ${method}`,
  label: `1/2 copper, ${word}`,
  pipe: cts.half,
  larger: cts.three,
  largerLabel: `3/4 copper, ${word}`,
  method,
  onMetal: method,
})

/** New pipe that is asked for, the usual first. */
export const pipeWays: Readonly<Record<Units, readonly PipeWay[]>> = {
  metric: [
    inCopper('solder', 'soldered'),
    inCopper('press-metal', 'pressed'),
    inCopper('push-fit', 'push-fit'),
    {
      id: 'multilayer press-multilayer',
      label: '16 multilayer, pressed',
      pipe: 'multilayer-en-iso-21003-16x2',
      larger: 'multilayer-en-iso-21003-20x2',
      largerLabel: '20 multilayer, pressed',
      method: 'press-multilayer',
      onMetal: 'press-metal',
    },
  ],
  imperial: [
    {
      id: 'pex-b crimp',
      label: '1/2 PEX-B, crimped',
      pipe: pexB.half,
      larger: pexB.three,
      largerLabel: '3/4 PEX-B, crimped',
      method: 'crimp',
      onMetal: 'press-metal',
    },
    inCts('solder', 'soldered'),
    inCts('press-metal', 'pressed'),
    {
      id: 'pex-a expansion',
      label: '1/2 PEX-A, expanded',
      pipe: pexA.half,
      larger: pexA.three,
      largerLabel: '3/4 PEX-A, expanded',
      method: 'expansion',
      onMetal: 'press-metal',
    },
  ],
}

const metal = (id: string, label: string, pipe: string): PipeThere => ({
  id,
  label,
  pipe,
  method: 'solder',
  isMetal: true,
})
const plastic = (id: string, label: string, pipe: string, method: MethodId): PipeThere => ({
  id,
  label,
  pipe,
  method,
  isMetal: false,
})

/** Pipe that is there, the usual first. */
export const pipesThere: Readonly<Record<Units, readonly PipeThere[]>> = {
  metric: [
    metal('copper 15', '15 copper', copper[15]),
    metal('copper 22', '22 copper', copper[22]),
    metal('copper 28', '28 copper', copper[28]),
  ],
  imperial: [
    metal('copper 1/2', '1/2 copper', cts.half),
    metal('copper 3/4', '3/4 copper', cts.three),
    plastic('pex-b 1/2', '1/2 PEX-B', pexB.half, 'crimp'),
    plastic('pex-b 3/4', '3/4 PEX-B', pexB.three, 'crimp'),
  ],
}
