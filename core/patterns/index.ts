import { bathroom } from './calls/bathroom'
import { board } from './calls/board'
import { cutOut } from './calls/cut-out'
import { elbowOut } from './calls/elbow-out'
import { heater } from './calls/heater'
import { homeRuns } from './calls/home-runs'
import { houseTrunk } from './calls/house-trunk'
import { outdoorTap } from './calls/outdoor-tap'
import { radiator } from './calls/radiator'
import { roughIn } from './calls/rough-in'
import { servicePipe } from './calls/service-pipe'
import { showerValve } from './calls/shower-valve'
import { steelPiece } from './calls/steel-piece'
import { stubAgain } from './calls/stub-again'
import { teeOff } from './calls/tee-off'
import { valveIn } from './calls/valve-in'
import type { Pattern } from './pattern'
import type { Units } from '../quantity/units'

/** Every call that there is a pattern for, the most frequent first. */
export const patterns: readonly Pattern[] = [
  cutOut,
  elbowOut,
  valveIn,
  teeOff,
  roughIn,
  showerValve,
  bathroom,
  homeRuns,
  houseTrunk,
  radiator,
  outdoorTap,
  stubAgain,
  heater,
  steelPiece,
  servicePipe,
  board,
]

export const patternsIn = (units: Units): Pattern[] => patterns.filter((of) => of.units.includes(units))
