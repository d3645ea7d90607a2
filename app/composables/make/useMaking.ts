import type { PlanJoint } from '~~/core/pipework/planned'
import { useLogStore } from '~/stores/log'
import { useSelectionStore } from '~/stores/selection'

/** After a press the button rests, so that a double tap is one press. */
const rest = 500

/** What was done last, to be taken back. */
interface Done {
  readonly says: string
  /** Whether it still stands: what was taken back is not offered again. */
  stands(): boolean
  undo(): void
}

/** Joint after joint: which is looked at, what comes next, what was done last and is undone by a press. */
export function useMaking() {
  const { joints, whereOf } = useJointCards()
  const selection = useSelectionStore()
  const log = useLogStore()
  const madeOf = (of: PlanJoint) => log.state?.joints[of.id]?.made ?? null
  const isToMake = (of: PlanJoint) => !madeOf(of) && of.verdict !== 'refuse'
  /** The one that was chosen; else the first that is still to be made. */
  const joint = computed(
    () => joints.value.find(({ id }) => id === selection.joint) ?? joints.value.find(isToMake) ?? joints.value[0],
  )
  const at = computed(() => joints.value.findIndex(({ id }) => id === joint.value?.id))
  const standing = computed(() => {
    const state = joint.value && log.state?.joints[joint.value.id]
    if (joint.value?.verdict === 'refuse') return 'refused'
    return state?.inspected ? 'inspected' : state?.made ? 'made' : 'to make'
  })
  const choose = (id: string) => (selection.joint = id)
  /** On to the joint after, or back to the one before, round at the ends. */
  function step(by: 1 | -1): void {
    const of = joints.value[(at.value + by + joints.value.length) % joints.value.length]
    if (of) choose(of.id)
  }
  /** The next joint that is not made, on from one of them. */
  function goOnFrom(id: string): void {
    const from = joints.value.findIndex((of) => of.id === id)
    const next = [...joints.value.slice(from + 1), ...joints.value.slice(0, from)].find(isToMake)
    if (next) choose(next.id)
  }

  const resting = ref(false)
  const last = shallowRef<Done | null>(null)
  const strip = computed(() => (last.value?.stands() ? last.value : null))
  function takeRest(): void {
    resting.value = true
    setTimeout(() => (resting.value = false), rest)
  }
  function wasMade(of: PlanJoint): void {
    takeRest()
    const entry = computed(() => madeOf(of)?.entry)
    last.value = {
      says: `${whereOf(of)}: made.`,
      stands: () => entry.value !== undefined,
      undo() {
        log.write(
          { kind: 'joint-undone', subject: { joint: of.id }, body: { of: entry.value } },
          `joint marked as not made, ${whereOf(of)}`,
        )
        choose(of.id)
      },
    }
    goOnFrom(of.id)
  }

  /** Made and not inspected yet. */
  const toInspect = computed(() => joints.value.filter((of) => madeOf(of) && !log.state?.joints[of.id]?.inspected))
  /** All of them inspected in one go: each stands with an entry of its own. */
  function inspectAll(): void {
    takeRest()
    const all = toInspect.value
    const entries = log.writeAll(
      all.map((of) => ({
        kind: 'joint-inspected',
        subject: { joint: of.id },
        body: { of: madeOf(of)!.entry, sound: true },
      })),
      `${all.length} joints inspected`,
    )
    last.value = {
      says: `${all.length} joints inspected: OK.`,
      stands: () => all.some((of) => log.state?.joints[of.id]?.inspected),
      undo() {
        for (const { id } of entries) log.strikeOut(id, 'inspected by mistake', 'inspections struck out')
        last.value = null
      },
    }
  }
  return { joints, joint, at, standing, choose, step, resting, wasMade, strip, toInspect, inspectAll }
}
