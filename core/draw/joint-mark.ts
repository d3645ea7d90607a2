import type { JointProof } from '../log/proven'
import type { Plan } from '../plan/types'
import type { Point } from './drawing'
import { mouth } from './fitting-sign'
import type { Stroke } from './shape'

/** How far a joint has come, the worst first: of several at one mouth the first is drawn. */
export const jointMarks = ['not OK', 'to make', 'made', 'inspected', 'tested'] as const
export type JointMark = (typeof jointMarks)[number]

/** Where a joint stands in the drawing: at a node, towards a leg; towards none where existing pipe or another fitting goes in. */
export const mouthOf = (node: string, leg: string | null): string => `${node} ${leg ?? ''}`

/** What was written down of a joint, as far as its sign tells it. */
export interface JointSoFar {
  readonly made: object | null
  readonly inspected: { readonly sound: boolean } | null
  readonly proof: JointProof | null | undefined
}

/**
 * How far a joint has come.
 *
 * @remarks for instance: one that was made and inspected, and never tested: inspected
 */
function markOf({ made, inspected, proof }: JointSoFar): JointMark {
  if (inspected?.sound === false) return 'not OK'
  if (proof && 'by' in proof) return 'tested'
  return inspected ? 'inspected' : made ? 'made' : 'to make'
}

/** How far each joint of a plan has come, by its mouth in the drawing. */
export function jointMarksOf(
  { joints }: Plan,
  soFar: (joint: string) => JointSoFar | undefined,
): ReadonlyMap<string, JointMark> {
  return worstOf(
    joints.map(({ id, node, leg }) => {
      const known = soFar(id)
      return [mouthOf(node, leg), known ? markOf(known) : 'to make'] as const
    }),
  )
}

/** The worst mark of each place. */
function worstOf(all: Iterable<readonly [string, JointMark]>): ReadonlyMap<string, JointMark> {
  const worst = new Map<string, JointMark>()
  for (const [at, mark] of all) {
    const there = worst.get(at)
    if (!there || jointMarks.indexOf(mark) < jointMarks.indexOf(there)) worst.set(at, mark)
  }
  return worst
}

/** How far what stands at each node has come: as far as the worst of its joints. */
export const marksAtNodes = (marks: ReadonlyMap<string, JointMark>): ReadonlyMap<string, JointMark> =>
  worstOf([...marks].map(([mouth, mark]) => [mouth.slice(0, mouth.lastIndexOf(' ')), mark] as const))

/** The numbers of the joints at each node, as they are written beside it. */
export function jointNumbers({ joints }: Plan): ReadonlyMap<string, string> {
  const numbers = new Map<string, string>()
  for (const { node, number } of joints) numbers.set(node, [numbers.get(node), number].filter(Boolean).join(' '))
  return numbers
}

const ring = (at: Point, radius: number): Stroke => ({ points: [at], radius, fill: 'paper', ink: 'ink', weight: 0.4 })
const dot = (at: Point, radius: number): Stroke => ({ points: [at], radius, fill: 'ink', ink: 'ink', weight: 0 })
const cross = ([x, y]: Point): readonly Stroke[] =>
  [-1, 1].map((slope) => ({
    points: [
      [x - 1, y - slope],
      [x + 1, y + slope],
    ],
    ink: 'caution',
    weight: 0.6,
  }))

const signs: Readonly<Record<JointMark, (at: Point) => readonly Stroke[]>> = {
  'not OK': cross,
  'to make': () => [],
  made: (at) => [ring(at, 0.8)],
  inspected: (at) => [dot(at, 0.85)],
  tested: (at) => [ring(at, 1.2), dot(at, 0.6)],
}

/** The sign of a joint's state at a mouth of its fitting, along an arm; in its middle where it shows none. */
export const jointSign = (mark: JointMark, arm: Point | undefined): readonly Stroke[] =>
  signs[mark](arm ? [arm[0] * mouth, arm[1] * mouth] : [0, 0])

/** The same beside its word, for a legend. */
export const legendSign = (mark: JointMark): readonly Stroke[] => signs[mark]([0, 0])
