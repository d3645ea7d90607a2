import type { Spot } from '~~/core/leak/spots'

/** What the places are called at which a leak is sought. */
export function useSpotNames() {
  const { plan } = useOpenJob()
  const { namesIn, runName } = useNames()
  const { placeOf } = useJointCards()
  const joints = computed(() => new Map(plan.value.joints.map((joint) => [joint.id, joint])))
  const jointsAt = ({ suspects }: Spot) => suspects.flatMap(({ joint }) => joints.value.get(joint ?? '') ?? [])

  function nameOf(spot: Spot): string {
    const [at] = spot.suspects
    const [first, ...others] = jointsAt(spot)
    if (!first) return `The pipe of ${namesIn(at!.run).leg(at!.leg ?? '')}, ${runName(at!.run)}`
    if (others.length === 0) return `Joint ${first.number}, ${placeOf(first)}`
    const numbers = [first, ...others].map(({ number }) => number).sort((a, b) => a - b)
    return `Joints ${numbers.slice(0, -1).join(', ')} and ${numbers.at(-1)}, ${namesIn(first.run).node(first.node)}`
  }
  return { nameOf, jointsAt }
}
