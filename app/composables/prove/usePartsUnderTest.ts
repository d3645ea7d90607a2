import { siteId } from '~~/core/job/site-id'
import { closedParts, scopeOf, type ClosedPart } from '~~/core/prove/closed-parts'
import { servicesUnderTest } from '~~/core/prove/offered'
import { namesInWater, waterName } from '~~/core/run/names'

/** The parts that the valves of the open job close off, which of them are chosen for a test, and what they are called. */
export function usePartsUnderTest() {
  const { built: job } = useOpenJob()
  const parts = computed(() => closedParts(job.value))
  const isHeating = ({ legs }: ClosedPart) => servicesUnderTest(job.value, { legs }).heating
  /** Heating is tested apart from drinking water: beside it, it is ticked when its turn comes. */
  const isLater = (of: ClosedPart) => isHeating(of) && !parts.value.every(isHeating)
  const leftOut = ref<ReadonlySet<string>>(new Set(parts.value.filter(isLater).map(({ id }) => id)))
  const chosen = computed(() => parts.value.filter(({ id }) => !leftOut.value.has(id)))
  const scope = computed(() => scopeOf(parts.value, chosen.value))
  function toggle({ id }: ClosedPart): void {
    const out = new Set(leftOut.value)
    if (!out.delete(id)) out.add(id)
    leftOut.value = out
  }
  const namesAt = ({ system }: ClosedPart, nodes: readonly string[]) => nodes.map(namesInWater(job.value, system).node)
  /** By the run, and where valves part it by its ends, or by its first leg where it has none. */
  function nameOf(part: ClosedPart): string {
    const run = waterName(job.value, part.system)
    if (part.valves.length === 0) return run
    const ends = namesAt(part, part.ends)
    const first = () =>
      namesInWater(job.value, part.system).leg(part.system.legs.find((leg) => siteId(leg) === part.id)!.id)
    return `${run}: ${ends.length > 0 ? ends.join(', ') : first()}`
  }
  const shutOf = (part: ClosedPart) => namesAt(part, part.valves).join(', ')
  return { parts, chosen, scope, toggle, nameOf, shutOf }
}
