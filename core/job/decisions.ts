import type { Catalogue } from '../catalogue/catalogue'
import { chainLengthOf } from '../catalogue/chain-length'
import { chainLegs } from './chain-legs'
import { unitVector } from './direction'
import { chainChosen, nameChosen } from './chosen'
import type { ChainChoice, Job, Leg, Node } from './job'
import { longerBy, movedInLine, type Drawn } from './moved-in-line'

/** Short pieces outwards from a node, and what stands at the end of each. */
interface MadeUp {
  readonly pieces: readonly Leg[]
  readonly nodes: readonly Node[]
  /** The leg that goes on from the last; undefined where none does. */
  readonly outer: Leg | undefined
}

const touching = ({ legs }: Drawn, id: string): Leg[] => legs.filter(({ from, to }) => from === id || to === id)

/** The short pieces that begin with one of them, as long as nothing was drawn from between them. */
function madeUpFrom(drawn: Drawn, first: Leg): MadeUp {
  const [pieces, nodes]: [Leg[], Node[]] = [[], []]
  let piece: Leg | undefined = first
  let outer: Leg | undefined
  while (piece) {
    const { to }: Leg = piece
    const end = drawn.nodes.find(({ id }) => id === to)
    const legs = touching(drawn, to)
    if (!end || !chainChosen(end) || legs.length > 2 || end.id === first.from || nodes.includes(end)) break
    pieces.push(piece)
    nodes.push(end)
    outer = legs.find((leg) => leg !== piece)
    piece = outer?.madeUp && outer.from === to ? outer : undefined
  }
  return { pieces, nodes, outer }
}

/** What is drawn without short pieces: the leg that went on from the last goes on from where they began. */
function withoutPieces(drawn: Drawn, start: string, { pieces, nodes, outer }: MadeUp): Drawn {
  const gone = new Set([...pieces, ...nodes].map(({ id }) => id))
  const taken = pieces.reduce((sum, { length }) => sum + (length ?? 0), 0)
  const last = nodes.at(-1)!.id
  const back = (leg: Leg): Leg => ({ ...longerBy(leg, last, taken)!, [leg.from === last ? 'from' : 'to']: start })
  return {
    nodes: drawn.nodes.filter(({ id }) => !gone.has(id)),
    legs: drawn.legs.flatMap((leg) => (gone.has(leg.id) ? [] : [leg === outer ? back(leg) : leg])),
  }
}

const withNode = (drawn: Drawn, changed: Node): Drawn => ({
  ...drawn,
  nodes: drawn.nodes.map((node) => (node.id === changed.id ? changed : node)),
})

/** A node's chain whole again: the node is back in the middle of where its fittings were, a tie-in where it was. */
function chainPutTogether(catalogue: Catalogue, drawn: Drawn, node: Node, madeUp: MadeUp): Drawn {
  const { pieces, nodes } = madeUp
  const [own, last] = [chainChosen(node)!, chainChosen(nodes.at(-1)!)!]
  const whole: Node = {
    ...node,
    fitting: {
      by: 'chain',
      fittings: [...own.fittings, ...nodes.flatMap((of) => chainChosen(of)!.fittings)],
      joints: [own.joints[0], last.joints[1]],
    },
  }
  const one = withNode(withoutPieces(drawn, node.id, madeUp), whole)
  if (node.kind === 'tie-in') return one
  const length = ({ fittings }: ChainChoice) => chainLengthOf(catalogue, fittings)?.mm ?? 0
  const taken = pieces.reduce((sum, piece) => sum + (piece.length ?? 0), 0)
  const middle = (taken + length(last) / 2 - length(own) / 2) / 2
  return (
    movedInLine(one, whole, {
      by: middle,
      on: unitVector(pieces[0]!.direction),
      along: chainLegs(whole, touching(one, node.id)),
    }) ?? one
  )
}

/** The arm of a named fitting whole again; as it is where no leg goes on from it. */
function armPutTogether(drawn: Drawn, node: Node, madeUp: MadeUp): Drawn {
  const { pieces, nodes, outer } = madeUp
  if (!outer) return drawn
  const chosen = nameChosen(node)!
  const { [pieces[0]!.id]: first, ...others } = chosen.arms ?? {}
  const fittings = [...(first?.fittings ?? []), ...nodes.flatMap((of) => chainChosen(of)!.fittings)]
  const arm = { fittings, method: chainChosen(nodes.at(-1)!)!.joints[1] }
  return withNode(withoutPieces(drawn, node.id, madeUp), {
    ...node,
    fitting: { ...chosen, arms: { ...others, [outer.id]: arm } },
  })
}

/** What is drawn with every chain and arm in one place; a piece between fittings that pipe was drawn from stays, as any pipe. */
function putTogether(catalogue: Catalogue, drawn: Drawn): Drawn {
  const ends = new Set(drawn.legs.flatMap(({ madeUp, to }) => (madeUp ? [to] : [])))
  let whole = drawn
  for (const { from } of drawn.legs.filter((leg) => leg.madeUp && !ends.has(leg.from))) {
    const node = whole.nodes.find(({ id }) => id === from)
    const first = whole.legs.find((leg) => leg.madeUp && leg.from === from)
    const madeUp = first && madeUpFrom(whole, first)
    if (!node || !madeUp || madeUp.pieces.length === 0) continue
    if (nameChosen(node)) whole = armPutTogether(whole, node, madeUp)
    else if (chainChosen(node)) whole = chainPutTogether(catalogue, whole, node, madeUp)
  }
  return { ...whole, legs: whole.legs.map(({ madeUp: _, ...leg }) => leg) }
}

/**
 * A job as it was decided, without what follows from it: the short pieces that earlier programs wrote down between the
 * fittings of a chain.
 *
 * @returns the same job where that changes nothing
 */
export const withoutMadeUp = (catalogue: Catalogue, job: Job): Job =>
  job.legs.some(({ madeUp }) => madeUp)
    ? ({ ...job, ...putTogether(catalogue, { nodes: job.nodes, legs: job.legs }) } as Job)
    : job

/** A job without the lengths of legs that have no pipe: the two fittings make them. The same job where there are none. */
export const withoutLengthsMade = (job: Job): Job =>
  job.legs.some(({ state, length }) => state === 'no pipe' && length !== null)
    ? {
        ...job,
        legs: job.legs.map((leg) => {
          if (leg.state !== 'no pipe' || leg.length === null) return leg
          const { tolerance: _, ...rest } = leg
          return { ...rest, length: null }
        }),
      }
    : job
