import { bendAgainstElbow, type CornerCost } from '../bend/against-elbow'
import { bendVerdict, type BendVerdict } from '../bend/limits'
import type { BendingMethod } from '../materials/material'
import type { Catalogue } from '../catalogue/catalogue'
import { methodIds, type MethodId } from '../methods/ids'
import type { Pipe } from '../catalogue/pipe'
import type { Costs } from '../workshop/costs'

/** One corner, bent or made with an elbow. */
export interface CornerChoice {
  /** How the elbow would be joined; null where no method has one for this pipe. */
  readonly method: MethodId | null
  readonly bend: CornerCost
  readonly elbow: Omit<CornerCost, 'room'> & { readonly room: number | null }
  /** By how much less pipe the bend takes, in mm. */
  readonly gain: number
  readonly verdict: BendVerdict
}

const near = 1
/** Elbows as they are made. */
const elbows = [
  { angle: 90, kind: 'elbow-90' },
  { angle: 45, kind: 'elbow-45' },
] as const

/**
 * What a corner costs in room, joints, minutes and money when the pipe is bent, or made with an elbow.
 *
 * @param prefer the method of the run, where its elbow is known; else the first method that has one for this pipe
 * @returns the elbow's room is null where none of this angle is in the catalogue
 */
export function cornerChoice(
  catalogue: Catalogue,
  pipe: Pipe,
  corner: {
    readonly angle: number
    readonly radius: number
    readonly bending: BendingMethod
    readonly prefer?: MethodId
  },
  costs: Costs,
): CornerChoice {
  const { angle, radius, bending, prefer } = corner
  const kind = elbows.find(({ angle: made }) => Math.abs(made - angle) <= near)?.kind
  const found = [...(prefer ? [prefer] : []), ...methodIds].flatMap((method) => {
    const socket = catalogue.socketFor(method, pipe)
    const takeOff = socket && catalogue.takeOff(socket, kind ?? 'elbow-90', 'either')
    return socket?.insertion && takeOff ? [{ method, face: takeOff.mm + socket.insertion.mm }] : []
  })[0]
  const { minutes, fitting } = costs.methods[found?.method ?? 'compression']
  return {
    method: found?.method ?? null,
    ...bendAgainstElbow({
      angle,
      radius,
      bending,
      elbowFace: kind && found ? found.face : null,
      jointMinutes: minutes,
      elbowPrice: fitting,
      hourPrice: costs.hour,
    }),
    verdict: bendVerdict(pipe, radius, bending),
  }
}
