import type { Ids } from '../edit/ids'
import type { Direction, Job, Leg, Node, Run } from '../job/job'

/** A leg as it is drawn: in the run of the node that it starts from, where it says no other. */
type DraftLeg = Pick<Leg, 'from' | 'direction' | 'length' | 'to'> & Partial<Leg>

/** A job as it is drawn, run by run and leg by leg. */
export interface Draft {
  run(of: Omit<Run, 'id'>): string
  node(run: string, kind: Node['kind'], more?: Partial<Node>): string
  /** Pipe in a node's run, from it to another; `null` is pipe that is there and goes on out of sight. */
  leg(of: DraftLeg): string
  /** Of pipe that is there: it comes to a node from out of sight, running this way. */
  comesFrom(node: string, direction: Direction, pipe: string): void
  /** And goes on from one, out of sight. */
  goesOn(node: string, direction: Direction, pipe: string): void
  job(): Job
}

/** Draws into a job. */
export function drafting(from: Job, ids: Ids): Draft {
  let drawn = from
  function node(run: string, kind: Node['kind'], more: Partial<Node> = {}): string {
    const id = ids('n', drawn.nodes)
    drawn = { ...drawn, nodes: [...drawn.nodes, { id, run, kind, ...more }] }
    return id
  }
  function leg(of: DraftLeg): string {
    const id = ids('l', drawn.legs)
    const { run } = drawn.nodes.find((at) => at.id === of.from)!
    drawn = { ...drawn, legs: [...drawn.legs, { id, run, ...of }] }
    return id
  }
  const outOfSight = (beside: string): string => node(drawn.nodes.find(({ id }) => id === beside)!.run, 'open')
  return {
    node,
    leg,
    run(of) {
      const id = ids('r', drawn.runs)
      drawn = { ...drawn, runs: [...drawn.runs, { id, ...of }] }
      return id
    },
    comesFrom: (to, direction, pipe) => {
      leg({ from: outOfSight(to), direction, length: null, to, state: 'existing', pipe })
    },
    goesOn: (from, direction, pipe) => {
      leg({ from, direction, length: null, to: outOfSight(from), state: 'existing', pipe })
    },
    job: () => drawn,
  }
}
