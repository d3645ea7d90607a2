/** The job file, version 3, as the rest of the program sees it. */
export type {
  Arms,
  ChainChoice,
  Direction,
  FixtureAt,
  InLine,
  Job,
  KeptBender,
  Leg,
  NamedChoice,
  Node,
  Run,
  Survey,
} from './job-schema'
export type { Axis, NodeKind, LegState } from './kinds'
