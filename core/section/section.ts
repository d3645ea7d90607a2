import { rectangle, type Point, type SectionFigures, type SectionPart, type Station } from './figures'
import { methods } from '../methods'
import type { SectionShape } from '../methods/section-shape'
import type { MethodId } from '../methods/ids'
import { boreOf } from '../catalogue/pipe'
import { barbParts } from './barb'
import { faultsOf, wantsInsert, type Fault } from './faults'
import { socketParts } from './socket'

export interface JointSection {
  readonly parts: readonly SectionPart[]
  readonly stations: readonly (Station & { readonly state: 'held' | 'spoilt' | 'not reached' })[]
  /** How the pipe goes in: a thread is screwed, it is not pushed. */
  readonly motion: SectionShape['motion']
  /** Where the depth mark on the pipe stands: at 0 when the pipe is home. */
  readonly mark: number
  /** What the hand does, where it is worth seeing in motion. */
  readonly hand: { readonly does: NonNullable<SectionShape['hand']>; readonly text: string } | null
  readonly faults: readonly Fault[]
  /** What this joint would do as it is drawn, in one sentence. */
  readonly says: string
  /** The drawing's limits: along the axis, and out from it. */
  readonly from: number
  readonly to: number
  readonly out: number
}

/** Where the drawing begins, before the mouth: far enough for the mark and the ring of a pipe that is not yet in. */
const beginsAt = (depth: number): number => -Math.max(1.35 * depth, 20)

/** The pipe's wall, with what is wrong with its end. */
function pipeParts(figures: SectionFigures): SectionPart[] {
  const { pipe, depth, home, faults } = figures
  const [outer, inner] = [pipe.od / 2, boreOf(pipe) / 2]
  const start = beginsAt(depth)
  const swell = faults.has('oval') ? outer * 0.06 : 0
  const sunk = faults.has('no insert') ? pipe.wall * 0.9 : 0
  const bite = home - depth * 0.45
  const before = Math.max(start, bite - depth * 0.15)
  const wall: Point[] = [
    [start, inner],
    [before, inner],
    [bite, inner - sunk],
    [home, inner],
    [home, outer + swell],
    [bite, outer + swell - sunk],
    [before, outer + swell],
    [start, outer],
  ]
  const burr: SectionPart[] = faults.has('burr')
    ? [
        {
          part: 'burr',
          points: [
            [home - 0.9, outer],
            [home, outer],
            [home, outer + 0.9],
          ],
        },
      ]
    : []
  return [{ part: 'pipe', points: wall }, ...burr, ...insideParts(figures)]
}

/** What stands in the bore at the pipe's end that should not: a burr, solder that ran through, a bead. */
function insideParts({ pipe, home, faults }: SectionFigures): SectionPart[] {
  const inner = boreOf(pipe) / 2
  const hanging = (length: number, thick: number): Point[] => [
    [home - length, inner],
    [home, inner],
    [home, inner - thick],
    [home - length * 0.4, inner - thick],
  ]
  const thick = Math.min(2.2, inner * 0.3)
  return [
    ...(faults.has('not reamed') ? [{ part: 'burr' as const, points: hanging(0.9, Math.min(0.9, inner * 0.2)) }] : []),
    ...(faults.has('run inside')
      ? [{ part: 'filler' as const, points: hanging(5, thick), side: 'below' as const }]
      : []),
    ...(faults.has('bead inside') ? [{ part: 'filler' as const, points: hanging(3, thick) }] : []),
  ]
}

/** The insert or liner that plastic takes where it is gripped from outside; and the one that copper does not. */
function insertParts({ pipe, method, depth, home, faults }: SectionFigures): SectionPart[] {
  const isThere = (wantsInsert(method, pipe) && !faults.has('no insert')) || faults.has('insert in metal')
  if (!isThere) return []
  const inner = boreOf(pipe) / 2
  const thick = Math.min(1, inner * 0.15)
  return [
    { part: 'insert', points: rectangle(home - depth * 0.95, home + 0.8, inner - thick, inner) },
    { part: 'insert', points: rectangle(home, home + 0.8, inner - thick, inner + pipe.wall * 0.9) },
  ]
}

function sayingOf(method: MethodId, stations: JointSection['stations'], faults: readonly Fault[]): string {
  const [fault] = faults
  if (fault) return fault.effect
  const missing = stations.find(({ state }) => state === 'not reached')
  if (!missing) return methods[method].section.homeText
  const last = stations.filter(({ state }) => state !== 'not reached').at(-1)
  return `${last ? `${last.text}; ` : ''}not yet: ${missing.text}.`
}

/**
 * A joint cut through, to scale from its figures: diameters, walls and depth are those of the catalogue or measured;
 * where along the socket the seal and the grip sit is typical of the method.
 *
 * @throws RangeError when the depth is not above 0, or the pipe is drawn outside 0 to depth
 * @example sectionOf({ pipe: copper22, method: 'press-metal', depth: 23, home: 23, faults: new Set() }).says.startsWith('Fully in') // true
 */
export function sectionOf(figures: SectionFigures): JointSection {
  const { pipe, method, depth, home } = figures
  if (!(depth > 0)) throw new RangeError('a depth above 0 mm')
  if (!(home >= 0 && home <= depth)) throw new RangeError(`the pipe’s end between 0 and ${depth} mm`)
  const shape = methods[method].section
  const { parts, stations } = shape.over === 'barb' ? barbParts(figures, shape) : socketParts(figures, shape)
  const faults = faultsOf(method, pipe).filter(({ id }) => figures.faults.has(id))
  const all = [...parts, ...pipeParts(figures), ...insertParts(figures)]
  const spoilt = new Set(faults.flatMap(({ spoils }) => spoils))
  const reached = stations.map((station) => {
    const state = home < station.at - 1e-9 ? 'not reached' : spoilt.has(station.name) ? 'spoilt' : 'held'
    return { ...station, state } as const
  })
  return {
    parts: all,
    stations: reached,
    mark: home - depth,
    faults,
    motion: shape.motion,
    hand: shape.hand && shape.handText ? { does: shape.hand, text: shape.handText } : null,
    says: sayingOf(method, reached, faults),
    from: beginsAt(depth),
    to: depth * 1.5,
    out: Math.max(...all.flatMap(({ points }) => points.map(([, y]) => y))),
  }
}
