import * as z from 'zod'
import { entryKind } from '../kind'
import { note, outlet } from './water'

const bar = (most: number) => z.number().min(0).max(most)
const accepted = 'what was measured: a pressure, a flow, or degrees'

/** What was measured at an outlet once the water was on. */
export const outletMeasured = entryKind(
  { id: 'outlet-measured', name: 'Measured at an outlet', subject: null },
  z
    .object({
      ...outlet,
      staticBar: bar(25).optional().meta({ description: 'bar with nothing running' }),
      runningBar: bar(25).optional().meta({ description: 'bar at this outlet while it runs' }),
      litresPerMinute: z.number().positive().max(500).optional(),
      celsius: z.number().min(0).max(100).optional().meta({ description: 'of hot water where it stands still' }),
      seconds: z.number().min(0).max(3600).optional().meta({ description: 'until it had these degrees' }),
      note,
    })
    .refine(
      ({ staticBar, runningBar, litresPerMinute, celsius }) =>
        [staticBar, runningBar, litresPerMinute, celsius].some((value) => value !== undefined),
      { path: ['litresPerMinute'], message: accepted },
    )
    .refine(
      ({ staticBar, runningBar }) => staticBar === undefined || runningBar === undefined || runningBar <= staticBar,
      {
        path: ['runningBar'],
        message: 'at most what stands there with nothing running',
      },
    ),
)
/** Drinking water's pipe, disinfected. */
export const disinfected = entryKind(
  { id: 'disinfected', name: 'Disinfected', subject: null },
  z.object({
    with: z.string().trim().min(1, 'what with').max(120),
    mgPerLitre: z.number().positive().max(1000),
    minutes: z.number().positive().max(10_080).meta({ description: 'how long it stood' }),
    residual: z.number().min(0).max(1000).meta({ description: 'mg a litre at the far outlet after that time' }),
    rinsed: z.boolean().optional(),
    note,
  }),
)
export const heatingFilled = entryKind(
  { id: 'heating-filled', name: 'Heating filled', subject: null },
  z.object({ bar: bar(10), note }),
)
export const vented = entryKind({ id: 'vented', name: 'Vented from below up', subject: null }, z.object({ note }))
export const balanced = entryKind({ id: 'balanced', name: 'Balanced', subject: null }, z.object({ note }))
export const warmLook = entryKind(
  { id: 'warm-look', name: 'Inspected warm', subject: null },
  z.object({ dry: z.boolean(), note }),
)
