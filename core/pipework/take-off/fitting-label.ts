import type { Catalogue } from '../../catalogue/catalogue'
import { itemId, itemName } from '../../catalogue/counter-name'
import type { Fitting } from '../../catalogue/fitting'
import { methods } from '../../methods'
import type { MethodId } from '../../methods/ids'
import type { Leg, Node } from '../../job/job'
import { nodeWord } from '../../job/node-legs'
import { namedFittingAt } from '../../run/named-fitting'
import { methodAt } from '../../run/method-at'
import { branchOf, turnAt, type Arm, type Layout } from '../../run/layout'
import { runOf, type System } from '../../job/system'
import { plainMethodAt } from './end'
import { fittingOf, shapeFitting } from './shape-fitting'
import { pipeIdIn } from '../../job/leg-defaults'
import { nameChosen } from '../../job/chosen'

/** What a fitting is asked for by at the counter: one with insert ends takes a crimp ring and a pinch clamp alike. */
const bodyWord = (method: MethodId): string => methods[method].body ?? methods[method].fitting

interface Sized {
  readonly size: string
  readonly od: number
}

function sizeOf(catalogue: Catalogue, system: System, leg: Leg, method: MethodId): Sized {
  const pipe = catalogue.pipe(pipeIdIn(system, leg))!
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

/** The sizes that meet in a tee, as the trade says them. */
export function teeSizes(catalogue: Catalogue, layout: Layout, node: Node): string {
  const arms = layout.arms.get(node.id) ?? []
  const branch = branchOf(arms)
  const sized = ({ leg }: Arm) => sizeOf(catalogue, layout.system, leg, methodAt(layout.system, node, leg))
  return sizesText(arms.filter((arm) => arm !== branch).map(sized), branch && sized(branch))
}

/** What is asked for at the counter. */
export interface AskedFor {
  readonly label: string
  /** The item of the catalogue; missing where the words alone are known. */
  readonly item?: string
  /** Nobody makes it: it is no thing to bring. */
  readonly isUnmade?: true
}

export const askedForAs = (fitting: Fitting): AskedFor => ({ label: itemName(fitting), item: itemId(fitting) })

/** The plain coupling by which new pipe goes on from existing pipe of its own size. */
function tieInCoupling(catalogue: Catalogue, { system }: Layout, node: Node): Fitting | undefined {
  const pipe = catalogue.pipe(runOf(system, node).pipe)
  const method = node.kind === 'tie-in' ? plainMethodAt(catalogue, system, node) : null
  const socket = pipe && method && catalogue.socketFor(method, pipe)
  return socket ? fittingOf('coupling', [socket, socket]) : undefined
}

/** What is asked for at the counter for one node; null for an open end or a bend. */
export function askedForAt(catalogue: Catalogue, layout: Layout, node: Node): AskedFor | null {
  if (node.kind === 'open' || node.kind === 'bend') return null
  const named = namedFittingAt(node)
  if (named) return askedForAs(named)
  const chosen = nameChosen(node)
  if (chosen) return { label: chosen.name }
  const shaped = tieInCoupling(catalogue, layout, node) ?? shapeFitting(catalogue, layout, node)
  if (shaped) return askedForAs(shaped)
  return { label: wordsAt(catalogue, layout, node), ...(shaped === null ? { isUnmade: true } : {}) }
}

function wordsAt(catalogue: Catalogue, layout: Layout, node: Node): string {
  const arms = layout.arms.get(node.id) ?? []
  const method = methodAt(layout.system, node)
  const branch = node.kind === 'tee' ? branchOf(arms) : null
  const sized = (arm: Arm) => sizeOf(catalogue, layout.system, arm.leg, method)
  const sizes = sizesText(arms.filter((arm) => arm !== branch).map(sized), branch ? sized(branch) : null)
  const what = node.kind === 'tie-in' ? 'coupling' : nodeWord(node.kind)
  return `${sizes} ${bodyWord(method)} ${what}${node.kind === 'elbow' ? angleText(arms) : ''}`.trim()
}
