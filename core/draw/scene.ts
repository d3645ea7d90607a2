import type { Catalogue } from '../catalogue/catalogue'
import { pipeIdIn } from '../job/leg-defaults'
import type { Leg } from '../job/job'
import { drawnLength, type System } from '../job/system'
import { drawLegs } from './draw-legs'
import type { DrawnNode, Drawing, Point } from './drawing'
import { fittingSign } from './fitting-sign'
import { jointSign, mouthOf, type JointMark } from './joint-mark'
import { placeTexts } from './place-texts'
import type { Mark, Part, Stroke, Words } from './shape'
import { surroundingsOf } from './surroundings'

/** What is written into a drawing, and how far its joints have come. */
export interface SceneTexts {
  readonly length: (mm: number) => string
  readonly pieceOf: ReadonlyMap<string, string>
  /** The numbers of the joints at a node. */
  readonly jointsOf?: ReadonlyMap<string, string>
  /** How far each joint has come, by its mouth; nothing where nobody wrote it down. */
  readonly marks?: ReadonlyMap<string, JointMark>
}
export interface SceneOf {
  readonly catalogue: Catalogue
  readonly system: System
  readonly drawing: Drawing
}
/** A drawing as one list of shapes, in the order in which they are painted: page, print and file draw the same. */
export interface Scene {
  readonly parts: readonly Part[]
  /** Lengths that found no room. */
  readonly unwritten: number
}

const sizes = { length: 3, height: 2.5, number: 2.5, name: 2.5 } as const
const marks = (at: Point, strokes: readonly Stroke[]): readonly Mark[] =>
  strokes.map((stroke) => ({ kind: 'mark', at, stroke }))

/** The arm of a reducer's larger pipe; nothing where the two are the same or unknown. */
function largerArm({ kind, arms }: DrawnNode, odOf: (leg: string) => number | undefined): Point | undefined {
  if (kind !== 'reducer') return undefined
  const [one, other] = [...arms].map(([leg, arm]) => ({ arm, od: odOf(leg) }))
  if (one?.od === undefined || other?.od === undefined || one.od === other.od) return undefined
  return one.od > other.od ? one.arm : other.arm
}

function nodePart(node: DrawnNode, odOf: (leg: string) => number | undefined): Part {
  const { id, kind, isHeld, at, arms } = node
  const larger = largerArm(node, odOf)
  const sign = fittingSign({ kind, isHeld, arms: [...arms.values()], ...(larger ? { larger } : {}) })
  return { of: 'node', id, shapes: marks(at, sign) }
}

/** The states of a node's joints, each at its mouth; towards existing pipe that is not drawn, on the far side. */
function jointPart({ id, at, arms }: DrawnNode, states: ReadonlyMap<string, JointMark>): Part[] {
  const [only] = arms.size === 1 ? [...arms.values()] : []
  const aside: Point | undefined = only && [-only[0], -only[1]]
  const mouths = [...[...arms].map(([leg, arm]) => ({ leg, arm })), { leg: null, arm: aside }]
  const strokes = mouths.flatMap(({ leg, arm }) => {
    const state = states.get(mouthOf(id, leg))
    return state ? jointSign(state, arm) : []
  })
  return strokes.length > 0 ? [{ of: 'joint', id, shapes: marks(at, strokes) }] : []
}

const heightWords = (up: number, length: SceneTexts['length']): string => `${up < 0 ? '−' : '+'}${length(Math.abs(up))}`

/** What is written: heights of the ends, lengths with their pieces, numbers of the joints, names of parts in line. */
function writtenIn({ system, drawing }: SceneOf, letter: number, texts: SceneTexts): Scene {
  const legs = new Map(system.legs.map((leg) => [leg.id, leg]))
  const namesOf = new Map(system.nodes.flatMap(({ id, inLine }) => (inLine ? [[id, inLine.name] as const] : [])))
  const placed = placeTexts(drawing, letter, { jointsOf: texts.jointsOf, namesOf })
  const words = (of: keyof typeof sizes, at: Point, said: Pick<Words, 'words' | 'more'>): Words => ({
    kind: 'words',
    at,
    beside: [0, 0],
    size: sizes[of],
    bold: of === 'length' || of === 'number',
    ...said,
  })
  const heights = drawing.nodes.flatMap(({ id, at, height }): Part[] => {
    const beside = placed.heights.get(id)
    if (!beside || height === null) return []
    return [
      { of: 'height', id, shapes: [{ ...words('height', at, { words: heightWords(height, texts.length) }), beside }] },
    ]
  })
  const lengths = placed.dimensions.map(({ leg, at, leader }): Part => {
    const more = texts.pieceOf.get(leg)
    const said = words('length', at, { words: texts.length(drawnLength(legs.get(leg)!)), ...(more ? { more } : {}) })
    const line = leader && ({ kind: 'line', from: leader, to: at, ink: 'ink', weight: 0.18, dashes: [] } as const)
    return { of: 'length', id: leg, shapes: line ? [line, said] : [said] }
  })
  const about = (of: 'number' | 'name', said: ReadonlyMap<string, string> | undefined, places: typeof placed.names) =>
    drawing.nodes.flatMap(({ id, at }): Part[] => {
      const [beside, told] = [places.get(id), said?.get(id)]
      return beside && told ? [{ of, id, shapes: [{ ...words(of, at, { words: told }), beside }] }] : []
    })
  const numbers = about('number', texts.jointsOf, placed.numbers)
  const names = about('name', namesOf, placed.names)
  const unwritten = drawing.legs.filter(({ isBroken }) => !isBroken).length - lengths.length
  return { parts: [...heights, ...lengths, ...numbers, ...names], unwritten }
}

/**
 * A drawing as the list of its shapes: what it runs along, pipes and bends, fittings, joints by their state, and what is
 * written, none of it over another.
 *
 * @param letter height of the letters in mm of the drawing, above 0
 */
export function sceneOf(of: SceneOf, letter: number, texts: SceneTexts): Scene {
  const { catalogue, system, drawing } = of
  const unit = letter / 3
  const legs = new Map<string, Leg>(system.legs.map((leg) => [leg.id, leg]))
  const odOf = (leg: string) => catalogue.pipe(pipeIdIn(system, legs.get(leg)!))?.od
  const surroundings = drawing.legs.flatMap((drawn): Part[] => {
    const shapes = surroundingsOf(system, legs.get(drawn.id)!, drawn, unit)
    return shapes.length > 0 ? [{ of: 'surroundings', id: drawn.id, shapes }] : []
  })
  const bodies = drawing.bodies.map(({ leg, from, to }): Part => {
    return { of: 'fitting', id: leg, shapes: [{ kind: 'line', from, to, ink: 'ink', weight: 1.2, dashes: [] }] }
  })
  const joints = texts.marks ? drawing.nodes.flatMap((node) => jointPart(node, texts.marks!)) : []
  const { parts, unwritten } = writtenIn(of, letter, texts)
  return {
    parts: [
      ...surroundings,
      ...drawLegs(of, unit),
      ...bodies,
      ...drawing.nodes.map((node) => nodePart(node, odOf)),
      ...joints,
      ...parts,
    ],
    unwritten,
  }
}
