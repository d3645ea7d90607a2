import { thousandths } from '../quantity/thousandths'
import * as z from 'zod'
import { fittingNamed } from './chain-length'
import { isInLine } from './fitting'
import { partEnds, partFittings, type PartSubject } from './part-key'
import { shippedSockets, type Socket } from './socket'

const socketIds: ReadonlySet<string> = new Set(shippedSockets.map(({ id }) => id))
const mmText = 'millimetres from -50 to 500'
const toleranceText = '± millimetres from 0 to 20'

/**
 * A figure of a part in the hand, or from its maker's sheet: a socket's depth, a fitting's take-off at that socket, or what
 * one fitting of the catalogue measures: in line from stop to stop, else from its centre to the stop of each end that takes
 * pipe.
 */
export const partSchema = z
  .object({
    socket: z
      .string()
      .refine((id) => id === '' || socketIds.has(id), { error: 'there is no such socket in the catalogue' })
      .default('')
      .meta({ description: 'empty where a fitting is named' }),
    named: z
      .string()
      .max(120)
      .refine((id) => fittingNamed(id) !== undefined, { error: 'there is no fitting of that name in the catalogue' })
      .optional()
      .meta({ description: 'the fitting by its name in the catalogue: `22 solder × 3/4 M BSP adapter`' }),
    fitting: z.enum(partFittings).optional().meta({ description: 'left out: the depth of the socket itself' }),
    end: z.enum(partEnds).default('either'),
    mm: z.number({ error: mmText }).min(-50, mmText).max(500, mmText),
    tolerance: z.number({ error: toleranceText }).min(0, toleranceText).max(20, toleranceText),
    basis: z.enum(['measured', 'maker'], { error: 'measured or maker' }),
    by: z
      .string({ error: 'who says so: a name' })
      .trim()
      .min(1, 'who says so: a name')
      .max(80, 'a name of at most 80 letters'),
    note: z.string().max(200, 'a note of at most 200 letters').default(''),
  })
  .superRefine(({ socket, named, fitting, end, mm }, context) => {
    if ((named === undefined) === (socket === '') || (named !== undefined && fitting !== undefined))
      context.addIssue({
        code: 'custom',
        path: ['socket'],
        message: 'a socket, or a fitting by its name: one of the two',
      })
    if (named === undefined && fitting === undefined && mm < 1)
      context.addIssue({ code: 'custom', path: ['mm'], message: 'an insertion depth from 1 to 500 mm' })
    const isTee = fitting === 'tee' || (named !== undefined && fittingNamed(named)?.kind === 'tee')
    if (isTee !== (end !== 'either'))
      context.addIssue({ code: 'custom', path: ['end'], message: isTee ? 'a tee’s end: run or branch' : 'either' })
  })
export type Part = z.output<typeof partSchema>

/** What a part's figure is called. */
export function partLabel({ socket, named, fitting, end }: PartSubject): string {
  if (named !== undefined) {
    const of = fittingNamed(named)
    return of && isInLine(of)
      ? `${named}: from stop to stop`
      : `${named}${end === 'either' ? '' : `, ${end}`}: take-off`
  }
  const label = shippedSockets.find(({ id }) => id === socket)?.label ?? socket
  if (fitting === undefined) return `${label}: insertion depth`
  return `${label} ${fitting}${end === 'either' ? '' : `, ${end}`}: take-off`
}

interface Measure {
  readonly mm: number
  readonly tolerance: number
}
/**
 * A take-off from what is measured in the hand: centre to face, less the depth of the socket. It carries the tolerance
 * of both, so that a depth that is only typical does not make a sure take-off.
 *
 * @example takeOffFromFace({ mm: 30, tolerance: 0.5 }, { mm: 15.4, tolerance: 1 }) // { mm: 14.6, tolerance: 1.5 }
 */
export const takeOffFromFace = (centreToFace: Measure, depth: Measure): Measure => ({
  mm: thousandths(centreToFace.mm - depth.mm),
  tolerance: thousandths(centreToFace.tolerance + depth.tolerance),
})

/** The socket of a method and size; where several systems have one, the system tells them apart. */
export function socketNamed(method: string, size: string, system: string): Socket | { readonly problem: string } {
  const named = shippedSockets.filter((socket) => socket.method === method && socket.size === size)
  if (named.length === 0) return { problem: `there is no ${method} socket of size ${size}` }
  const found = system === '' ? named : named.filter((socket) => socket.system === system)
  const [only] = found
  if (found.length === 1 && only) return only
  return { problem: `the system is one of: ${named.map((socket) => socket.system).join('; ')}` }
}
