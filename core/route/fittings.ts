import type { Catalogue } from '../catalogue/catalogue'
import { methods, type MethodId } from '../catalogue/method'
import type { Leg, Node, Run } from '../job/job'
import { methodAt } from './end'
import { branchOf, turnAt, type Arm, type Layout } from './layout'

export interface FittingCount {
  readonly label: string
  readonly count: number
  readonly nodes: readonly string[]
}

interface Sized {
  readonly size: string
  readonly od: number
}

function sizeOf(catalogue: Catalogue, run: Run, leg: Leg, method: MethodId): Sized {
  const pipe = catalogue.pipe(leg.pipe ?? run.pipe)!
  return { size: catalogue.socketFor(method, pipe)?.size ?? pipe.nominal, od: pipe.od }
}

/** Sizes as the trade says them: run first with its larger end first, then the branch; equal sizes once. */
function sizesText(runEnds: readonly Sized[], branch: Sized | null): string {
  const [larger, smaller = larger] = [...runEnds].sort((a, b) => b.od - a.od)
  if (!larger || !smaller) return branch?.size ?? ''
  const reduced = smaller.size !== larger.size
  if (!branch) return reduced ? `${larger.size} × ${smaller.size}` : larger.size
  if (reduced) return `${larger.size} × ${smaller.size} × ${branch.size}`
  return branch.size === larger.size ? larger.size : `${larger.size} × ${branch.size}`
}

const angleText = (arms: readonly Arm[]): string => {
  const turn = turnAt(arms)
  return turn === null ? '' : ` ${Math.round(turn)}°`
}

function labelAt(catalogue: Catalogue, layout: Layout, node: Node): string[] {
  if (node.kind === 'open' || node.kind === 'bend') return []
  if (node.fitting) return [node.fitting]
  if (node.chain) return [...node.chain.fittings]
  const arms = layout.arms.get(node.id) ?? []
  const method = methodAt(node, layout.run.method)
  const branch = node.kind === 'tee' ? branchOf(arms) : null
  const sized = (arm: Arm) => sizeOf(catalogue, layout.run, arm.leg, method)
  const sizes = sizesText(arms.filter((arm) => arm !== branch).map(sized), branch ? sized(branch) : null)
  const what = node.kind === 'tie-in' ? 'coupling' : node.kind
  return [`${sizes} ${methods[method].fitting} ${what}${node.kind === 'elbow' ? angleText(arms) : ''}`.trim()]
}

/**
 * The fittings of these runs, counted by what is asked for at the counter.
 *
 * @remarks for instance: two soldered 22 elbows: [{ label: '22 solder elbow 90°', count: 2, nodes: ['b', 'c'] }]
 */
export function countFittings(catalogue: Catalogue, layouts: readonly Layout[]): FittingCount[] {
  const byLabel = new Map<string, string[]>()
  for (const layout of layouts) {
    for (const node of layout.run.nodes) {
      for (const label of labelAt(catalogue, layout, node)) {
        const nodes = byLabel.get(label)
        if (nodes) nodes.push(node.id)
        else byLabel.set(label, [node.id])
      }
    }
  }
  return [...byLabel].map(([label, nodes]) => ({ label, count: nodes.length, nodes }))
}
