import { matingMeta } from '../mating'
import type { Rule, RuleMeta, ThreadRule } from '../rule'
import { airTest } from './air-test'
import { alignment } from './alignment'
import { concealed } from './concealed'
import { condition } from './condition'
import { demountable } from './demountable'
import { factoryEnd } from './factory-end'
import { galvanic } from './galvanic'
import { heatNearJoint } from './heat-near-joint'
import { heaterClearance } from './heater-clearance'
import { heatingOnly } from './heating-only'
import { hotWork } from './hot-work'
import { jawSpace } from './jaw-space'
import { leadFree } from './lead-free'
import { material } from './material'
import { oldBore } from './old-bore'
import { oxygenBarrier } from './oxygen-barrier'
import { plasticFemale } from './plastic-female'
import { rotation } from './rotation'
import { sameSystem } from './same-system'
import { screed } from './screed'
import { serviceTemperature } from './service-temperature'
import { size } from './size'
import { stubOut } from './stub-out'
import { sunlight } from './sunlight'
import { temper } from './temper'
import { thinCopper } from './thin-copper'
import { threadFamily } from './thread-family'
import { toolRange } from './tool-range'
import { underground } from './underground'
import { velocity } from './velocity'
import { wetLine } from './wet-line'

/** The rules of a pipe's end, in the order in which reasons are shown. */
export const jointRules: readonly Rule[] = [
  material,
  size,
  oldBore,
  temper,
  serviceTemperature,
  oxygenBarrier,
  heatingOnly,
  leadFree,
  thinCopper,
  galvanic,
  wetLine,
  hotWork,
  heatNearJoint,
  concealed,
  screed,
  underground,
  sunlight,
  stubOut,
  demountable,
  rotation,
  alignment,
  condition,
  factoryEnd,
  sameSystem,
  heaterClearance,
  velocity,
  airTest,
  toolRange,
  jawSpace,
]

/** The rules of two threads that meet. */
export const threadRules: readonly ThreadRule[] = [threadFamily, plasticFemale]

/** Every rule by its own account: what the rules page is made from. */
export const ruleMetas: readonly RuleMeta[] = [...[...jointRules, ...threadRules].map(({ meta }) => meta), matingMeta]
