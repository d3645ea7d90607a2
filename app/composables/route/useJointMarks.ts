import { jointMarks, jointMarksOf, jointNumbers, type JointMark } from '~~/core/draw/joint-mark'
import { useLogStore } from '~/stores/log'

const nothing: ReadonlyMap<string, JointMark> = new Map()

/** The joints of the open job as the drawing shows them: their numbers, and how far each has come. */
export function useJointMarks() {
  const { plan } = useOpenJob()
  const log = useLogStore()
  const jointsOf = computed(() => jointNumbers(plan.value))
  const marks = computed(() => {
    const { state, proofs, entries } = log
    if (!state || !proofs || entries.length === 0) return nothing
    return jointMarksOf(plan.value, (id) => ({ ...state.joints[id]!, proof: proofs.get(id) }))
  })
  /** The states that the drawing shows, but those still to make: they have no sign. */
  const legend = computed(() => {
    const there = new Set(marks.value.values())
    return jointMarks.filter((mark) => mark !== 'to make' && there.has(mark))
  })
  return { jointsOf, marks, legend }
}
