import type { MethodId } from '../catalogue/method'
import type { Point, SectionFigures, SectionPart, Station } from './section'

/** What a method's socket is like: where, as a share of the depth, things sit; typical of the method. */
interface SocketShape {
  /** Room round the pipe, in mm: drawn no thinner than can be seen. */
  readonly gap: number
  readonly seal: number
  readonly grip: number
  readonly sealText: string
  readonly gripText: string
}

type SocketMethod = Exclude<MethodId, 'crimp' | 'clamp' | 'expansion' | 'press-multilayer'>

const shapes: Readonly<Record<SocketMethod, SocketShape>> = {
  solder: { gap: 0.3, seal: 0.5, grip: 0.7, sealText: 'enough overlap to seal', gripText: 'enough overlap to hold' },
  'press-metal': { gap: 0.25, seal: 0.3, grip: 0.72, sealText: 'past the seal', gripText: 'under the jaw’s grip' },
  'push-fit': { gap: 0.25, seal: 0.36, grip: 0.66, sealText: 'through the seal', gripText: 'past the grip ring' },
  compression: {
    gap: 0.3,
    seal: 0.18,
    grip: 0.4,
    sealText: 'through the olive',
    gripText: 'far enough for the olive to bite',
  },
  'compression-pe': {
    gap: 0.35,
    seal: 0.68,
    grip: 0.34,
    sealText: 'through the seal',
    gripText: 'through the grip ring',
  },
  solvent: {
    gap: 0.3,
    seal: 0.5,
    grip: 0.75,
    sealText: 'where the socket begins to clasp',
    gripText: 'enough overlap to hold',
  },
  thread: { gap: 0.3, seal: 0.55, grip: 0.75, sealText: 'hand-tight', gripText: 'enough threads to hold' },
}

const share = (depth: number, part: number): number => depth * part

/** A diamond or a ring seen cut through: a small octagon is enough at this scale. */
function bead(at: number, out: number, radius: number): Point[] {
  return Array.from({ length: 12 }, (_, step): Point => {
    const angle = (step / 12) * 2 * Math.PI
    return [at + radius * Math.cos(angle), out + radius * Math.sin(angle)]
  })
}

/** The fitting's wall: socket, step at the stop, and on to its waist; a groove where it has a seal. */
function body({ pipe, depth, slips }: SectionFigures, gap: number, wall: number): SectionPart {
  const inner = pipe.od / 2 + gap
  const waist = pipe.od / 2 - pipe.wall * 0.9
  return {
    part: 'fitting',
    points: [
      [0, inner],
      ...(slips
        ? ([[depth * 1.5, inner]] as const)
        : ([
            [depth, inner],
            [depth, waist],
            [depth * 1.5, waist],
          ] as const)),
      [depth * 1.5, inner + wall],
      [0, inner + wall],
    ],
  }
}

function rubberSeal(at: number, outer: number, section: number): SectionPart {
  return { part: 'seal', points: bead(at, outer + section * 0.42, section / 2) }
}

function teeth(at: number, outer: number, wall: number, length: number): SectionPart {
  return {
    part: 'grip',
    points: [
      [at - length, outer + wall],
      [at, outer - 0.05],
      [at - length * 0.35, outer + wall],
    ],
  }
}

function olive(depth: number, outer: number): SectionPart {
  const length = Math.min(7, depth * 0.4)
  return {
    part: 'olive',
    points: [
      [-length * 0.6, outer],
      [-length * 0.2, outer + 1.4],
      [length * 0.2, outer + 1.4],
      [length * 0.45, outer],
    ],
  }
}

function nut(depth: number, outer: number, wall: number): SectionPart {
  return {
    part: 'nut',
    points: [
      [-depth * 0.6, outer + 0.3],
      [-depth * 0.3, outer + 0.3],
      [-depth * 0.28, outer + wall + 0.8],
      [depth * 0.35, outer + wall + 0.8],
      [depth * 0.35, outer + 2.2 * wall],
      [-depth * 0.6, outer + 2.2 * wall],
    ],
  }
}

/** What is between pipe and socket when it is made: solder, cement, thread; as far as the pipe is in. */
function filler({ pipe, home }: SectionFigures, gap: number): SectionPart[] {
  if (home === 0) return []
  const outer = pipe.od / 2
  return [
    {
      part: 'filler',
      points: [
        [0, outer],
        [home, outer],
        [home, outer + gap],
        [0, outer + gap],
      ],
    },
  ]
}

function holding(figures: SectionFigures, shape: SocketShape, wall: number): SectionPart[] {
  const { method, depth, pipe } = figures
  const outer = pipe.od / 2
  const rubber = Math.max(1.6, Math.min(4, pipe.od * 0.1))
  switch (method) {
    case 'press-metal':
      return [rubberSeal(share(depth, 0.2), outer, rubber)]
    case 'push-fit':
      return [
        rubberSeal(share(depth, shape.seal) - rubber / 2, outer, rubber),
        teeth(share(depth, shape.grip), outer, wall, depth * 0.16),
      ]
    case 'compression':
      return [olive(depth, outer), nut(depth, outer, wall)]
    case 'compression-pe':
      return [
        teeth(share(depth, shape.grip), outer, wall, depth * 0.24),
        rubberSeal(share(depth, shape.seal) - rubber / 2, outer, rubber),
        nut(depth, outer, wall),
      ]
    default:
      return filler(figures, shape.gap)
  }
}

/** A joint whose pipe goes into the fitting: its parts, and where seal, grip and stop take hold. */
export function socketParts(figures: SectionFigures): { parts: SectionPart[]; stations: Station[] } {
  const { depth, pipe, slips } = figures
  const shape = shapes[figures.method as SocketMethod]
  const wall = Math.max(1.2, pipe.od * 0.08)
  const end: Station =
    figures.method === 'thread'
      ? { name: 'stop', at: depth, text: 'made up' }
      : slips
        ? { name: 'mark', at: depth, text: 'the mark at the mouth' }
        : { name: 'stop', at: depth, text: 'at the stop' }
  const stations: Station[] = [
    { name: 'seal', at: share(depth, shape.seal), text: shape.sealText },
    { name: 'grip', at: share(depth, shape.grip), text: shape.gripText },
    end,
  ]
  return {
    parts: [body(figures, shape.gap, wall), ...holding(figures, shape, wall)],
    stations: stations.sort((a, b) => a.at - b.at),
  }
}
