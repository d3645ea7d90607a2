import type { Rule } from '../rule'
import { bmt } from './bmt'
import { concealed } from './concealed'
import { condition } from './condition'
import { demountable } from './demountable'
import { heaterClearance } from './heater-clearance'
import { heatingOnly } from './heating-only'
import { hotWork } from './hot-work'
import { leadFree } from './lead-free'
import { material } from './material'
import { oxygenBarrier } from './oxygen-barrier'
import { serviceTemperature } from './service-temperature'
import { size } from './size'
import { sunlight } from './sunlight'
import { temper } from './temper'
import { toolRange } from './tool-range'
import { underground } from './underground'
import { wetLine } from './wet-line'

/** Every rule, in the order in which reasons are shown. */
export const rules: readonly Rule[] = [
  material,
  size,
  bmt,
  temper,
  serviceTemperature,
  oxygenBarrier,
  heatingOnly,
  leadFree,
  wetLine,
  hotWork,
  concealed,
  underground,
  sunlight,
  demountable,
  condition,
  heaterClearance,
  toolRange,
]
