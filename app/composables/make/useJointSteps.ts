import { jointsInOrder } from '~~/core/assembly/joints-in-order'
import type { PlanJoint } from '~~/core/pipework/planned'
import { useLogStore } from '~/stores/log'
import { useSelectionStore } from '~/stores/selection'

/** Joint after joint in the order of work: which one is in the hand, how it stands, and which comes next. */
export function useJointSteps() {
  const cards = useJointCards()
  const { steps } = useWorkOrder()
  const inOrder = computed(() => jointsInOrder(cards.joints.value, steps.value))
  const joints = computed(() => inOrder.value.map(({ joint }) => joint))
  const selection = useSelectionStore()
  const log = useLogStore()
  const madeOf = (of: PlanJoint) => log.state?.joints[of.id]?.made ?? null
  const isToMake = (of: PlanJoint) => !madeOf(of) && of.verdict !== 'refuse'
  const { store } = useOpenJob()
  const isRunning = useRunning(() => store.id)
  /** The one that was chosen; else that whose stopwatch runs, or the first that is still to be made. */
  const joint = computed(
    () =>
      joints.value.find(({ id }) => id === selection.joint) ??
      joints.value.find(({ id }) => isRunning(id)) ??
      joints.value.find(isToMake) ??
      joints.value[0],
  )
  const at = computed(() => joints.value.findIndex(({ id }) => id === joint.value?.id))
  const standing = computed(() => {
    const state = joint.value && log.state?.joints[joint.value.id]
    if (joint.value?.verdict === 'refuse') return 'refused'
    return state?.inspected ? 'inspected' : state?.made ? 'made' : 'to make'
  })
  const choose = (id: string) => (selection.joint = id)
  /** A card that is worked on stays, also when the order of work is found only now. */
  const hold = () => (selection.joint ||= joint.value?.id ?? '')
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
  return { inOrder, joints, madeOf, joint, at, standing, choose, hold, step, goOnFrom }
}
