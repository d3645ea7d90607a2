import type { CheckMeta, CheckRule } from '../rule'
import { bendRadiusRule } from './bend-radius'
import { bendRoomRule } from './bend-room'
import { closing } from './closing'
import { connected } from './connected'
import { crossConnection } from './cross-connection'
import { mixerInlets } from './mixer-inlets'
import { cutInPlay, stubLength } from './cut-in'
import { fixtureCentres, fixtureEnd } from './fixture-end'
import { galvanicRun } from './galvanic-run'
import { goesStraight } from './goes-straight'
import { height } from './height'
import { leastPiece } from './least-piece'
import { openEnd, tooManyLegs } from './legs-meeting'
import { oneBody } from './one-body'
import { reliefFalls } from './relief-falls'
import { reliefOpen } from './relief-open'
import { standsIn } from './stands-in'
import { stock } from './stock'
import { support } from './support'
import { tieInGoesOn } from './tie-in-goes-on'
import { toolRoom } from './tool-room'
import { unknownFigure } from './unknown-figure'

/** The checks of a run, in the order in which they are told. */
export const runChecks: readonly CheckRule[] = [
  connected,
  goesStraight,
  openEnd,
  tooManyLegs,
  crossConnection,
  mixerInlets,
  reliefOpen,
  reliefFalls,
  fixtureEnd,
  fixtureCentres,
  standsIn,
  oneBody,
  galvanicRun,
  tieInGoesOn,
  unknownFigure,
  bendRoomRule,
  bendRadiusRule,
  leastPiece,
  toolRoom,
  cutInPlay,
  stubLength,
  support,
  height,
  closing,
]

/** Every check by its own account: what the rules page and the steps' states are made from. */
export const checkMetas: readonly CheckMeta[] = [...runChecks.map(({ meta }) => meta), stock.meta]
