import type { PlanJoint } from '~~/core/pipework/planned'
import type { Entry } from '~~/core/log/entry'
import { useLogStore } from '~/stores/log'

/** After a press the button rests, so that a double tap is one press. */
const rest = 500

/** What was done last, to be taken back. */
interface Done {
  readonly says: string
  /** Whether it still stands: what was taken back is not offered again. */
  stands(): boolean
  undo(): void
}

const struckOut = ({ id }: Entry) =>
  ({
    kind: 'correction',
    subject: {},
    body: { withdrawn: true },
    replaces: id,
    why: 'inspected by mistake',
  }) as const

/** What is done to joints: made, and on to the next; inspected in one go; what was done last is undone by a press. */
export function useMaking() {
  const steps = useJointSteps()
  const { joints, madeOf, choose, goOnFrom } = steps
  const { whereOf } = useJointCards()
  const log = useLogStore()
  const resting = ref(false)
  const last = shallowRef<Done | null>(null)
  const strip = computed(() => (last.value?.stands() ? last.value : null))
  function takeRest(): void {
    resting.value = true
    setTimeout(() => (resting.value = false), rest)
  }

  function wasMade(of: PlanJoint): void {
    takeRest()
    last.value = {
      says: `${whereOf(of)}: made.`,
      stands: () => madeOf(of) !== null,
      undo() {
        const body = { of: madeOf(of)?.entry }
        const says = `joint marked as not made, ${whereOf(of)}`
        log.write({ kind: 'joint-undone', subject: { joint: of.id }, body }, says)
        choose(of.id)
      },
    }
    goOnFrom(of.id)
  }

  /** Made and not inspected yet; not those whose gauge already said no. */
  const toInspect = computed(() =>
    joints.value.filter((of) => {
      const made = madeOf(of)
      return made && made.body.gauge !== 'does not go' && !log.state?.joints[of.id]?.inspected
    }),
  )
  /** All of them inspected in one go: each stands with an entry of its own. */
  function inspectAll(): void {
    takeRest()
    const all = toInspect.value
    const says = `${all.length} joints inspected`
    const entries = log.writeAll(
      all.map((of) => ({
        kind: 'joint-inspected',
        subject: { joint: of.id },
        body: { of: madeOf(of)!.entry, sound: true },
      })),
      says,
    )
    last.value = {
      says: `${says}: OK.`,
      stands: () => all.some((of) => log.state?.joints[of.id]?.inspected),
      undo() {
        log.writeAll(entries.map(struckOut), `${all.length} inspections struck out`)
      },
    }
  }
  return { ...steps, resting, wasMade, strip, toInspect, inspectAll }
}
