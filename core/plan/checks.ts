import { groupBy } from '../group-by'
import type { PipeStock } from '../cut/lay-pieces'
import type { Leg, NodeKind } from '../job/job'
import type { Plan, PlanCheck, PlanJoint, PlanPiece } from './types'
import type { ClosingError } from '../route/closing'
import { legsAtNode, nodeWord } from '../job/node-legs'
import { heightErrors } from '../route/heights'
import { turnAt, type Layout } from '../route/layout'

interface Checked {
  readonly layouts: readonly Layout[]
  readonly pieces: readonly PlanPiece[]
  readonly joints: readonly PlanJoint[]
  readonly supports: Plan['supports']
  readonly stock: readonly PipeStock[]
  readonly closing: readonly ClosingError[]
}

/** Fittings whose two ends are in line. */
const straightKinds: ReadonlySet<NodeKind> = new Set([
  'coupling',
  'slip-coupling',
  'union',
  'reducer',
  'adapter',
  'valve',
])

/** Writes a length in the job's units. */
type Written = (mm: number) => string

function nodeChecks({ run, arms, places }: Layout, name: string): PlanCheck[] {
  return run.nodes.flatMap((node): PlanCheck[] => {
    const meeting = arms.get(node.id)?.length ?? 0
    const wanted = legsAtNode[node.kind]
    const at = { run: run.id, node: node.id, where: `${name}, ${node.kind} ${node.id}` }
    if (run.legs.length > 0 && !places.has(node.id))
      return [{ ...at, verdict: 'refuse', rule: 'connected', text: 'no leg leads here from the start of the run' }]
    if (straightKinds.has(node.kind) && meeting === 2 && (turnAt(arms.get(node.id) ?? []) ?? 0) > 1)
      return [
        {
          ...at,
          verdict: 'refuse',
          rule: 'goes-straight',
          text: `the pipe turns here, and a ${nodeWord(node.kind)} goes straight on: put an elbow or a bend beside it`,
        },
      ]
    if (run.legs.length === 0 || meeting === wanted) return []
    if (meeting < wanted)
      return [
        {
          ...at,
          verdict: 'caution',
          rule: 'open-end',
          text: `${meeting} of ${wanted} legs are drawn: draw the next, or change what stands here`,
        },
      ]
    return [
      {
        ...at,
        verdict: 'refuse',
        rule: 'too-many-legs',
        text: `${meeting} legs meet where a ${node.kind} takes ${wanted}`,
      },
    ]
  })
}

function pieceChecks(piece: PlanPiece, name: string, mm: Written): PlanCheck[] {
  const at = { run: piece.run, leg: piece.legs[0], where: `${name}, piece ${piece.id}` }
  if (piece.cut === null) return [{ ...at, verdict: 'caution', rule: 'unknown-figure', text: piece.missing }]
  const [first, last] = piece.ends
  if (first.insertion === null || last.insertion === null) {
    return [
      {
        ...at,
        verdict: 'caution',
        rule: 'unknown-figure',
        text: 'an insertion depth is not in the catalogue: measure it',
      },
    ]
  }
  const least = first.insertion + last.insertion
  if (piece.cut >= least && piece.cut > 0) return []
  return [
    {
      ...at,
      verdict: 'refuse',
      rule: 'least-piece',
      text: `the piece would be ${mm(piece.cut)}, and both ends go in ${mm(least)}: move a fitting by ${mm(Math.max(0.5, least - piece.cut))}, or use a street fitting`,
    },
  ]
}

/** A joint's reservations, each said once a run with how many joints it holds for. */
function jointChecks(joints: readonly PlanJoint[], name: string): PlanCheck[] {
  const found = new Map<string, { check: PlanCheck; count: number }>()
  for (const joint of joints) {
    for (const { rule, verdict, text } of joint.reasons) {
      if (verdict === 'fits') continue
      const key = `${rule}|${text}`
      const known = found.get(key)
      if (known) known.count += 1
      else
        found.set(key, {
          count: 1,
          check: { verdict, rule, text, run: joint.run, node: joint.node, where: `${name}, ${joint.node}` },
        })
    }
  }
  return [...found.values()].map(({ check, count }) =>
    count === 1 ? check : { ...check, where: `${check.where} and ${count - 1} more` },
  )
}

function supportChecks(layout: Layout, supports: Plan['supports'], name: string): PlanCheck[] {
  const legs = new Map<string, Leg>(layout.run.legs.map((leg) => [leg.id, leg]))
  const missing = groupBy(
    supports.filter((support) => support.run === layout.run.id && support.missing !== ''),
    (support) => support.missing,
  )
  return [...missing].flatMap(([text, [first, ...more]]): PlanCheck[] =>
    first && legs.has(first.leg)
      ? [
          {
            verdict: 'caution',
            rule: 'support',
            run: layout.run.id,
            leg: first.leg,
            where: more.length > 0 ? `${name}, leg ${first.leg} and ${more.length} more` : `${name}, leg ${first.leg}`,
            text: `clips: ${text}`,
          },
        ]
      : [],
  )
}

function closingChecks(closing: readonly ClosingError[], name: string, mm: Written): PlanCheck[] {
  return closing
    .filter(({ x, y, z }) => x !== 0 || y !== 0 || z !== 0)
    .map(({ run, x, y, z }) => ({
      verdict: 'caution',
      rule: 'closing',
      run,
      where: name,
      text: `the run misses its fixed end by ${mm(x)} east, ${mm(y)} north, ${mm(z)} up`,
    }))
}

function heightChecks(layout: Layout, name: string, mm: Written): PlanCheck[] {
  return heightErrors(layout).map(({ node, height, by }) => ({
    verdict: 'caution',
    rule: 'height',
    run: layout.run.id,
    node,
    where: `${name}, ${node}`,
    text: `stands ${mm(Math.abs(by))} too ${by > 0 ? 'low' : 'high'} for its height of ${mm(height)}`,
  }))
}

function stockChecks(stock: readonly PipeStock[], mm: Written): PlanCheck[] {
  return stock.flatMap(({ tooLong, label }) =>
    tooLong.map(({ id, length }) => ({
      verdict: 'caution' as const,
      rule: 'stock',
      run: '',
      where: `${label}, piece ${id}`,
      text: `${mm(length)} is longer than a stock length: put couplings in, under Cut`,
    })),
  )
}

/**
 * What is wrong or open in a plan, worst first.
 *
 * @param written writes a length in the job's units
 */
export function checksOf(
  { layouts, pieces, joints, supports, stock, closing }: Checked,
  written: (mm: number) => string,
): PlanCheck[] {
  const piecesByRun = groupBy(pieces, ({ run }) => run)
  const jointsByRun = groupBy(joints, ({ run }) => run)
  const checks = layouts.flatMap((layout) => {
    const { id, name } = layout.run
    const called = name || id
    return [
      ...nodeChecks(layout, called),
      ...(piecesByRun.get(id) ?? []).flatMap((piece) => pieceChecks(piece, called, written)),
      ...jointChecks(jointsByRun.get(id) ?? [], called),
      ...supportChecks(layout, supports, called),
      ...heightChecks(layout, called, written),
      ...closingChecks(
        closing.filter(({ run }) => run === id),
        called,
        written,
      ),
    ]
  })
  const worstFirst = [...checks, ...stockChecks(stock, written)]
  return [
    ...worstFirst.filter(({ verdict }) => verdict === 'refuse'),
    ...worstFirst.filter(({ verdict }) => verdict !== 'refuse'),
  ]
}
