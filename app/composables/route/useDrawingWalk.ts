import { useEventListener } from '@vueuse/core'
import type { System } from '~~/core/job/system'

/** A leg or a node of the drawing. */
interface Stop {
  readonly of: 'leg' | 'node'
  readonly id: string
}

/** The legs and fittings of a system in the order of the run: the first node, then each leg and what it leads to. */
export function stopsOf({ legs }: Pick<System, 'legs'>): readonly Stop[] {
  const seen = new Set<string>()
  return legs.flatMap(({ id, from, to }) =>
    [{ of: 'node', id: from } as const, { of: 'leg', id } as const, { of: 'node', id: to } as const].filter((stop) => {
      const key = `${stop.of} ${stop.id}`
      if (seen.has(key)) return false
      seen.add(key)
      return true
    }),
  )
}

/** Along the drawing by keys, while it has the focus: `]` to the next leg or fitting, `[` to the one before. */
export function useDrawingWalk(
  frame: Readonly<Ref<HTMLElement | null>>,
  system: () => System,
  go: (stop: Stop) => void,
) {
  let at = -1
  useEventListener(frame, 'keydown', (event: KeyboardEvent) => {
    if (event.key !== '[' && event.key !== ']') return
    const stops = stopsOf(system())
    if (stops.length === 0) return
    event.preventDefault()
    at = Math.max(0, Math.min(stops.length - 1, at + (event.key === ']' ? 1 : -1)))
    go(stops[at]!)
  })
}
