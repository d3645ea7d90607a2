import type { Plan } from '../plan/types'
import { evidenceWords, type Evidence, type EvidenceId } from './evidence'
import { isOfKind, type BodyOf, type EntryOf, type KnownEntry } from './known-entry'
import { planChanges, plannedFigures, type PlanChange } from './plan-changes'

type Planned = ReturnType<ReturnType<typeof plannedFigures>>

/** Who did it and when. */
export interface Done {
  readonly entry: string
  readonly by: string
  readonly at: string
}
export interface JointState {
  /** With all that was seen of it, as it was ticked and later. */
  readonly made: (Done & { readonly body: BodyOf<'joint-made'> }) | null
  readonly inspected: (Done & { readonly sound: boolean }) | null
  readonly photos: readonly string[]
  /** How often it was made: more than once after it was undone, or mended. */
  readonly timesMade: number
  /** Each time that it was made, what was undone since too. */
  readonly makings: readonly Done[]
  /** In what it was made to other figures than are planned now; null where it was not made, or nothing differs. */
  readonly changed: readonly PlanChange[] | null
}
const doneBy = ({ id, by, at }: KnownEntry): Done => ({ entry: id, by, at })

/** What tells something of a joint. */
const jointKinds = ['joint-made', 'joint-evidence', 'joint-inspected', 'joint-undone', 'photo'] as const
type JointEntry = EntryOf<(typeof jointKinds)[number]>

/** One making of a joint, and what was said of it. */
interface Making {
  readonly entry: EntryOf<'joint-made'>
  evidence: Evidence
  inspected: EntryOf<'joint-inspected'> | null
  isUndone: boolean
}

const evidenceIds = Object.keys(evidenceWords) as EvidenceId[]

/** What is answered in an entry, and nothing that is left open. */
const evidenceIn = (body: Evidence): Evidence =>
  Object.fromEntries(evidenceIds.filter((id) => body[id] !== undefined).map((id) => [id, body[id]]))

/**
 * The makings of a joint with what was said of each. An entry that names the making which it answers is of that one,
 * whatever the clocks said; any other is of the last one before it.
 */
function makingsOf(entries: readonly JointEntry[]): Making[] {
  const makings: Making[] = []
  const tell = (entry: Exclude<JointEntry, EntryOf<'joint-made' | 'photo'>>, about: readonly Making[]): void => {
    for (const making of about) {
      if (entry.kind === 'joint-undone') making.isUndone = true
      else if (entry.kind === 'joint-inspected') making.inspected = entry
      else making.evidence = { ...making.evidence, ...evidenceIn(entry.body) }
    }
  }
  const told = isOfKind('joint-undone', 'joint-inspected', 'joint-evidence')
  for (const entry of entries) {
    if (entry.kind === 'joint-made')
      makings.push({ entry, evidence: evidenceIn(entry.body), inspected: null, isUndone: false })
    else if (told(entry) && entry.body.of === undefined)
      tell(entry, entry.kind === 'joint-undone' ? makings : makings.slice(-1))
  }
  for (const entry of entries.filter(told))
    if (entry.body.of !== undefined)
      tell(
        entry,
        makings.filter((making) => making.entry.id === entry.body.of),
      )
  return makings
}

/** What was seen of a joint that nobody ticked as made: existing ones are inspected too. */
function inspectedUnmade(entries: readonly JointEntry[]): EntryOf<'joint-inspected'> | null {
  const last = entries.findLast(isOfKind('joint-inspected', 'joint-undone'))
  return last?.kind === 'joint-inspected' ? last : null
}

const inspection = (entry: EntryOf<'joint-inspected'> | null): JointState['inspected'] =>
  entry && { ...doneBy(entry), sound: entry.body.sound }

function stateOf(entries: readonly JointEntry[], planned: Planned): JointState {
  const makings = makingsOf(entries)
  const holds = makings.findLast(({ isUndone }) => !isUndone)
  const photos = entries.filter(isOfKind('photo')).map(({ body }) => body.sha)
  const every = { photos, timesMade: makings.length, makings: makings.map(({ entry }) => doneBy(entry)) }
  if (!holds) {
    const inspected = makings.length === 0 ? inspection(inspectedUnmade(entries)) : null
    return { ...every, made: null, inspected, changed: null }
  }
  const { entry, evidence, inspected } = holds
  return {
    ...every,
    made: { ...doneBy(entry), body: { ...entry.body, ...evidence } },
    inspected: inspection(inspected),
    changed: planChanges(entry.body, planned),
  }
}

/** The joints of a plan, and those that were made though they are planned no more, each with what happened to it. */
export function jointStates(plan: Plan, entries: readonly KnownEntry[]): Readonly<Record<string, JointState>> {
  const figuresOf = plannedFigures(plan)
  const byJoint = new Map<string, JointEntry[]>(plan.joints.map(({ id }) => [id, []]))
  for (const entry of entries.filter(isOfKind(...jointKinds))) {
    const { joint } = entry.subject
    if (joint !== undefined) byJoint.set(joint, [...(byJoint.get(joint) ?? []), entry])
  }
  return Object.fromEntries([...byJoint].map(([id, of]) => [id, stateOf(of, figuresOf(id))]))
}
