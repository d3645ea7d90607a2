import type { SectionShape } from '../methods/section-shape'
import { rectangle, type Point, type SectionFigures, type SectionPart, type Station } from './figures'

type InSocket = Extract<SectionShape, { readonly over: 'pipe' }>

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

/** The olive; too tight it is squashed flat and bites through the wall, with tape it rides on that. */
function olive({ pipe, depth, faults }: SectionFigures): SectionPart[] {
  const length = Math.min(7, depth * 0.4)
  const [high, sunk] = faults.has('too tight') ? [0.8, pipe.wall * 0.8] : [1.4, 0]
  const tape = faults.has('tape on the olive') ? 0.4 : 0
  const outer = pipe.od / 2 + tape
  return [
    {
      part: 'olive',
      points: [
        [-length * 0.6, outer - sunk],
        [-length * 0.2, outer + high],
        [length * 0.2, outer + high],
        [length * 0.45, outer - sunk],
      ],
    },
    ...(tape > 0
      ? [{ part: 'seal' as const, points: rectangle(-length * 0.7, length * 0.55, pipe.od / 2, outer) }]
      : []),
  ]
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
function filler({ pipe, home, faults }: SectionFigures, gap: number): SectionPart[] {
  if (home === 0) return []
  const outer = pipe.od / 2
  const all: SectionPart = { part: 'filler', points: rectangle(0, home, outer, outer + gap) }
  // A cold side takes nothing in; crossed threads meet on one side alone.
  return faults.has('cold side') || faults.has('crossed') ? [{ ...all, side: 'below' }] : [all]
}

/** A female that was spread by its taper: open from its mouth on. */
const split = ({ pipe, depth }: SectionFigures, wall: number): SectionPart => ({
  part: 'burr',
  points: rectangle(depth * 0.1, depth * 0.5, pipe.od / 2 + 0.3, pipe.od / 2 + 0.3 + wall),
  side: 'above',
})

function holding(figures: SectionFigures, shape: InSocket, wall: number): SectionPart[] {
  const { depth, pipe } = figures
  const outer = pipe.od / 2
  const rubber = Math.max(1.6, Math.min(4, pipe.od * 0.1))
  const seal = rubberSeal(share(depth, shape.seal) - rubber / 2, outer, rubber)
  switch (shape.holding) {
    case 'seal':
      return [rubberSeal(share(depth, 0.2), outer, rubber)]
    case 'seal and teeth':
      return [seal, teeth(share(depth, shape.grip), outer, wall, depth * 0.16)]
    case 'olive and nut':
      return [...olive(figures), nut(depth, outer, wall)]
    case 'teeth, seal and nut':
      return [teeth(share(depth, shape.grip), outer, wall, depth * 0.24), seal, nut(depth, outer, wall)]
    case 'filler':
      return [...filler(figures, shape.gap), ...(figures.faults.has('overtightened') ? [split(figures, wall)] : [])]
  }
}

/** A joint whose pipe goes into the fitting: its parts, and where seal, grip and stop take hold. */
export function socketParts(figures: SectionFigures, shape: InSocket): { parts: SectionPart[]; stations: Station[] } {
  const { depth, pipe, slips } = figures
  const wall = Math.max(1.2, pipe.od * 0.08)
  const end: Station = slips
    ? { name: 'mark', at: depth, text: 'the mark at the mouth' }
    : { name: 'stop', at: depth, text: shape.stopText }
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
