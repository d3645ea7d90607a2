import { shippedCatalogue as catalogue } from '../catalogue/catalogue'
import { methodIds } from '../methods/ids'
import { addOffset } from '../edit/legs/add-offset'
import { changePipe } from '../edit/runs/change-pipe'
import { choosePipe } from '../edit/runs/choose-pipe'
import { spreadClosing, takeUpIn } from '../edit/legs/close-run'
import { cutInKinds, cutInto, putNewPipeIn } from '../edit/existing/cut-into'
import { splitLeg } from '../edit/legs/edit-leg'
import { fixturesIn } from '../catalogue/fixture'
import { leadTo } from '../edit/lead-to'
import { unitSystems } from '../quantity/units'
import { removeLeg, removeRun, setKind, setLeg, setNode, setRun } from '../edit/edit-run'
import { takeForPipe } from '../edit/existing/take-for-pipe'
import { chooseChain } from '../edit/existing/edit-tie-in'
import { pressKey, startEntry, type RouteEntry } from '../edit/legs/entry'
import { bringToHeight } from '../edit/legs/heights'
import { joinLong } from '../edit/stock/join-long'
import { joinRuns } from '../edit/runs/join-runs'
import { joinTo } from '../edit/legs/join-to'
import { moveNode } from '../edit/legs/move-node'
import { addRun, addSurvey, emptyJob } from '../edit/new-job'
import { toOwnRun } from '../edit/runs/own-run'
import { addParallelRun } from '../edit/runs/parallel-run'
import { copyPart, mirrorPart, mirrors, setPipeFrom, setServiceFrom } from '../edit/runs/part'
import { countedIds as ids } from './sample-ids'
import { turnLegs, turnRun } from '../edit/runs/turn-round'
import { withoutLengthsMade } from '../job/decisions'
import { axes, legStates, nodeKinds, nodeStates } from '../job/kinds'
import type { Job, Leg, Node } from '../job/job'
import { services } from '../job/place'
import { systemOf, systemsOf } from '../job/system'
import { usableFittings } from '../pipework/take-off/usable-fittings'
import { withDirectLengths } from '../pipework/with-direct-lengths'
import { layOut } from '../run/layout'
import { pipeId } from './sample-run'
import { planJob } from '../plan/plan-job'
import { shippedCosts } from '../workshop/costs'
import { chosenByName } from '../pipework/take-off/named-fittings'

/** For tests: four numbers that say which edit is made, and of what. */
export type EditStep = readonly [number, number, number, number]

const pick = <T>(list: readonly T[], number: number): T | undefined => list[number % Math.max(1, list.length)]
const take = <T>(list: readonly T[], number: number): T => list[number % list.length]!

const pipes = [
  pipeId('EN 1057', '22', 0.9),
  pipeId('EN 1057', '15', 0.7),
  pipeId('ASTM F876', '1/2', 'pex-b'),
  pipeId('ASTM B88', '3/4', 'L'),
  pipeId('EN 10255', '1/2'),
  pipeId('EN 12201', '25'),
]
/** Chains as the search gives them: of one fitting, of two that meet, of two with a piece between, and of what nobody makes. */
const chains = [
  { fittings: ['22 solder × 15 solder reducer'], joints: ['solder', 'solder'] },
  {
    fittings: ['22 solder × 3/4 M BSP adapter', '3/4 F BSP × 22 compression adapter'],
    joints: ['solder', 'compression'],
  },
  { fittings: ['22 solder × 22 solder coupling', '22 press × 22 press coupling'], joints: ['solder', 'press-metal'] },
  { fittings: ['a name that nobody gave'], joints: ['solder', 'crimp'] },
] as const
const keys = 'ArrowRight ArrowLeft ArrowUp ArrowDown PageUp PageDown & Enter Backspace h j x t b v u o c m n'.split(' ')

interface Drawing {
  readonly job: Job
  readonly entry: RouteEntry | null
}

const entryOf = ({ job, entry }: Drawing, at: number): RouteEntry | null => {
  const run = pick(job.runs, at)
  const system = run && systemOf(job, run.id)
  if (!run || !system) return null
  const isThere = entry?.run === run.id && system.nodes.some(({ id }) => id === entry.cursor)
  return isThere ? entry : startEntry(run.id, system)
}

/** A key or two, as they are pressed on the pad: a length and Enter as often as all others. */
function typed(drawing: Drawing, a: number, b: number, c: number): Drawing {
  const start = entryOf(drawing, a)
  if (!start) return drawing
  let { job, entry } = { job: drawing.job, entry: start }
  const cursor = c % 3 === 0 ? (pick(systemOf(job, entry.run)!.nodes, b)?.id ?? entry.cursor) : entry.cursor
  entry = { ...entry, cursor }
  const pressed = b % 2 === 0 ? [take(keys, b >> 1), ...String(40 + (c % 2500)), 'Enter'] : [take(keys, b >> 1)]
  for (const key of pressed) {
    const after = pressKey(withDirectLengths(catalogue, job), ids, entry, { key, bendRadius: 88 })
    if (after) ({ job, entry } = { ...after, job: withoutLengthsMade(after.job) })
  }
  return { job, entry }
}

type Edit = (job: Job, of: { run: string; node: Node; leg: Leg | undefined }, a: number, b: number) => Job

const length = (number: number): number => 20 + (number % 3000)

/** The changes that the pages make, one by one. */
const edits: readonly Edit[] = [
  (job, { run, leg }, a) => (leg ? setLeg(job, run, leg.id, { state: pick([...legStates, undefined], a) }) : job),
  (job, { run, leg }, a) =>
    leg ? setLeg(job, run, leg.id, { length: leg.state !== undefined && a % 4 === 0 ? null : length(a) }) : job,
  (job, { run, leg }, a) => (leg ? setLeg(job, run, leg.id, { direction: take(axes, a) }) : job),
  (job, { run, leg }, a, b) =>
    leg ? setLeg(job, run, leg.id, { direction: { bearing: (a % 720) - 360, pitch: (b % 181) - 90 } }) : job,
  (job, { run, node }, a) =>
    node.kind === 'tie-in'
      ? job
      : setKind(job, run, node.id, { kind: take(nodeKinds, 1 + (a % (nodeKinds.length - 1))) }),
  (job, { run, node }, a) => setNode(job, run, node.id, { state: pick([...nodeStates, undefined], a) }),
  (job, { run, node }, a) => setNode(job, run, node.id, { method: pick([...methodIds, undefined], a) }),
  (job, { run, node }, a) => setNode(job, run, node.id, { radius: a % 5 === 0 ? undefined : 1 + (a % 300) }),
  (job, { run, node }, a) => setNode(job, run, node.id, { gap: a % 40, play: a % 30 }),
  (job, { run, node }, a, b) =>
    setNode(job, run, node.id, {
      measured: a % 3 === 0 ? undefined : { takeOff: a % 60, insertion: 1 + (b % 40), tolerance: 0.5 },
    }),
  (job, { run, node }, a) => {
    const found = pick(usableFittings(catalogue, layOut(systemOf(job, run)!), node), a)
    return setNode(job, run, node.id, { fitting: found && chosenByName(found) })
  },
  (job, { run, node }, a) => {
    const { fittings, joints } = take(chains, a)
    return chooseChain(job, run, node.id, {
      fittings: fittings.map((id) => ({ id })),
      joints: joints.map((method) => ({ method })),
    })
  },
  (job, { run, node }, a, b) => {
    if (node.kind !== 'outlet') return job
    const made = take(unitSystems, b)
    const { id: kind, ends } = take(fixturesIn(made), a)
    const to = { kind, made, end: take(ends, b).id, ...(a % 3 === 0 ? { hose: true as const } : {}) }
    return leadTo(catalogue, job, { run, node: node.id, to: b % 7 === 0 ? null : to })
  },
  (job, { run, leg }) => (leg ? removeLeg(job, run, leg.id) : job),
  (job, { run, leg }, a, b) =>
    leg
      ? splitLeg(job, ids, run, {
          legId: leg.id,
          at: length(a),
          kind: take(nodeKinds, 1 + (b % (nodeKinds.length - 1))),
        }).job
      : job,
  (job, { run, leg }, a, b) =>
    leg
      ? cutInto(job, ids, run, {
          legId: leg.id,
          kind: take(cutInKinds, a),
          where: { at: length(b), play: a % 3 ? a % 40 : undefined },
        }).job
      : job,
  (job, { run, node }, a) =>
    putNewPipeIn(catalogue, job, ids, { runId: run, nodeId: node.id, slipLength: a % 2 ? 46 : undefined }),
  (job) => addRun(job, ids).job,
  (job, _, a, b) => {
    const { job: surveyed, survey } = addSurvey(job, ids)
    return takeForPipe(catalogue, surveyed, ids, {
      id: a % 2 ? survey : (pick(job.surveys, b)?.id ?? survey),
      pipe: take(pipes, b),
    })
  },
  (job, { run }, a) => choosePipe(catalogue, job, run, take(pipes, a)),
  (job, { run }, a) => setRun(job, run, { method: take(methodIds, a) }),
  (job, { run }, a) => setRun(job, run, { service: take(services, a) }),
  (job, { run }, a) => (a % 3 === 0 ? removeRun(job, run) : job),
  (job, { run, node }, a, b) =>
    addOffset(
      job,
      ids,
      { run, node: node.id },
      {
        set: length(a) / 10,
        angle: take([30, 45, 60], b),
        towards: take(axes, a),
        roll: b % 4 === 0 ? 30 : 0,
        after: length(b),
        corner: a % 2 ? 'elbow' : 'bend',
        radius: 88,
      },
    ).job,
  (job, { run, leg, node }, a) =>
    leg
      ? copyPart(job, ids, run, { legIds: [leg.id], to: node.id, mirror: a % 2 ? take(mirrors, a) : undefined }).job
      : job,
  (job, { run, leg }) => (leg ? turnLegs(job, run, [leg.id]) : job),
  (job, { run }) => turnRun(job, run),
  (job, { run, node }, a) => setKind(job, run, node.id, { kind: take(nodeKinds, a) }),
  (job, { run, leg }, a) => (leg ? mirrorPart(job, run, leg.id, take(mirrors, a)) : job),
  (job, { run, node }, a) => moveNode(job, run, node.id, [(a % 200) - 100, 0, 0]),
  (job, { run, node }, a) => bringToHeight(job, run, node.id, (a % 4000) - 2000),
  (job, { run }, a) => addParallelRun(job, ids, run, { spacing: 20 + (a % 100), towards: [0, 0, 1] }).job,
  (job, { node }, a) => joinRuns(job, node.id, take(job.nodes, a).id),
  (job, { run, node }, a, b) => {
    const joined = joinTo(job, ids, run, {
      ends: { from: node.id, to: take(job.nodes, a).id },
      wish: { length: b % 2 ? length(b) : undefined },
    })
    return 'problem' in joined ? job : joined.job
  },
  (job, { run, leg }) => (leg ? toOwnRun(job, ids, run, leg.id).job : job),
  (job, { run, leg }, a) => (leg ? setPipeFrom(job, run, leg.id, take(pipes, a)) : job),
  (job, { run, leg }, a) => (leg ? setServiceFrom(job, run, leg.id, take(services, a)) : job),
  (job, { run, node }, a) => setNode(job, run, node.id, { at: a % 3 ? undefined : [a % 999, 0, a % 77] }),
  (job, { run, leg }) => (leg ? takeUpIn(job, run, leg.id) : job),
  (job, { run }) => spreadClosing(job, run),
  (job, { run, leg }, a) =>
    leg ? changePipe({ catalogue, costs: shippedCosts }, job, ids, { run, leg: leg.id, pipe: take(pipes, a) }) : job,
  (job) => joinLong(catalogue, job, ids, { plan: planJob(job, catalogue), replan: (of) => planJob(of, catalogue) }).job,
]

function edited({ job, entry }: Drawing, [which, of, a, b]: EditStep): Drawing {
  const node = pick(job.nodes, of)
  const edit = take(edits, which)
  if (!node) return { job: addRun(job, ids, a % 2 ? { kind: 'tie-in', existing: take(pipes, b) } : {}).job, entry }
  const drawn = withDirectLengths(catalogue, job)
  const system = systemsOf(drawn).find(({ nodes }) => nodes.includes(node))!
  try {
    const changed = edit(drawn, { run: system.id, node, leg: pick(system.legs, of) }, a, b)
    return { job: withoutLengthsMade(changed), entry }
  } catch (refusal) {
    // An edit that cannot be made says why, as the page does, and changes nothing.
    if (refusal instanceof RangeError) return { job, entry }
    throw refusal
  }
}

/** For tests: the job that these edits make of an empty one, by the functions that the pages call. Two of three steps are typed. */
export const jobEditedBy = (steps: readonly EditStep[]): Job =>
  steps.reduce<Drawing>(
    (drawing, step) =>
      step[0] % 3 === 0 && drawing.job.nodes.length > 0
        ? edited(drawing, [Math.floor(step[0] / 3), step[1], step[2], step[3]])
        : drawing.job.nodes.length > 0
          ? typed(drawing, step[1], step[2], step[3])
          : edited(drawing, step),
    { job: emptyJob('Edited', 'metric', 'metric'), entry: null },
  ).job
