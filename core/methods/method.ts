import type { PipeWall } from '../materials/pipe-wall'
import type { Form } from './form'
import type { MethodId } from './ids'
import type { RescueWay } from './rescue-way'
import type { SectionShape } from './section-shape'

/** What can be seen of a joint as it is made. */
export type Looked =
  | 'markSeen'
  | 'windowFull'
  | 'atShoulder'
  | 'ringPlaced'
  | 'gauge'
  | 'earClosed'
  | 'ringTurned'
  | 'turns'
  | 'facesRight'
  | 'beadEven'

/** A column of the first table: what a pipe of each material makes of a method. */
export type Column =
  | 'solder'
  | 'press-metal'
  | 'press-multilayer'
  | 'ring'
  | 'expansion'
  | 'push-fit-metal'
  | 'push-fit-plastic'
  | 'compression'
  | 'compression-pe'
  | 'solvent'
  | 'thread'
  | 'fusion'

/** What a flame nearby does to a joint once it is made: spoils its rubber or plastic; dries out the seal of a thread on the fitting that it heats; nothing. */
export type ByFlame = 'spoilt' | 'dried on its own fitting' | 'none'

/** What a joint's wait before water goes by. */
export interface WaitFigures {
  /** Outside diameter in mm. */
  readonly od: number
  /** Air temperature in °C. */
  readonly celsius: number
  /** Minutes that a profile lets a soldered joint cool. */
  readonly solderCools: number
  /** Minutes that it lets a fused one stand before a test. */
  readonly fusionTest: number
}

/** A joint as far as it uses something up from a reel. */
export interface ReelFigures {
  /** Outside diameter of the pipe, or of the thread, in mm. */
  readonly od: number
  /** How far the pipe goes in, in mm. */
  readonly insertion: number
  /** Diameter of the solder wire in mm. */
  readonly wire: number
}

/** A way of joining pipe: all that is particular to it but its card and the tables of its sizes. */
export interface Method {
  readonly id: MethodId
  readonly name: string
  /** The highest working pressure of its fittings cold, in bar, where that is less than most pipe bears; typical. */
  readonly mostBar?: number
  /** What a fitting of this method is called beside its size: a 22 solder elbow. */
  readonly fitting: string
  /** What a body is asked for by at the counter, where that is another word. */
  readonly body?: string
  /** What must be in the van beyond saw, reamer and marker; nothing where hands are enough. */
  readonly tool: string
  readonly needsTool: boolean
  /** Minutes a joint, cutting and cleaning included; typical, until the user times it. */
  readonly minutes: number
  /** Made-up prices until the user enters his own: a coupling of 15 mm or half an inch, what a joint uses up, the tool. */
  readonly costs: { readonly fitting: number; readonly consumables: number; readonly tool: number }
  /** How much practice it asks for; a judgement. */
  readonly practice: 'little' | 'some' | 'much'
  /** Its turn where several methods fit and none was chosen: 1 is taken first. */
  readonly usual: number

  /** A flame is used. */
  readonly hot: boolean
  readonly byFlame: ByFlame
  /** Water in the pipe spoils it as it is made. */
  readonly wantsDry: boolean
  /** Metal that goes into the joint may hold lead. */
  readonly hasFiller: boolean
  /** Sealed by rubber on the pipe's wall, which a score leaks past. */
  readonly sealsOnWall: boolean
  /** Sealed by rubber that old half-inch bore fills tightly. */
  readonly tightOnOldBore: boolean
  /** What converters are called for on old three-quarter bore, which its 22 fittings do not fit; null where that is not asked. */
  readonly onOldThreeQuarter: 'converter' | 'olive' | null
  /** Its fittings serve again so often, and that is counted. */
  readonly countsUses: boolean
  /** Pushed past seal and teeth by hand: it must go in straight, and a square factory end cuts it. */
  readonly isPushed: boolean
  /** Its bodies for plastic pipe are others than those for metal, and are called so. */
  readonly ownBodiesForPlastic: boolean
  /** Pipe and fitting are screwed together: they go by their threads, and one of them turns. */
  readonly threaded: boolean
  /** Its socket is a plain cup: a C on a list, and what goes in an FTG. */
  readonly isCup: boolean
  /** Whether the fitting may be turned once the joint is made; null where that says nothing. */
  readonly turnsOnceMade: boolean | null
  /** It comes apart again without cutting. */
  readonly demountable: boolean
  /** A nut or a collar holds it: out of reach only where the profile takes that. */
  readonly mechanical: boolean
  /** Screwed up: the owner looks at it again. */
  readonly screwed: boolean
  /** Its ring does not lock the pipe in soil that moves. */
  readonly slipsInSoil: boolean
  /** Soft copper is re-rounded for it. */
  readonly wantsRound: boolean
  /** Of plastic, pipe, insert and fitting are made as one system. */
  readonly oneSystem: boolean
  /** Its bodies are brass or plastic, and keep copper from steel. */
  readonly separatesMetals: boolean
  /** Its bodies are plastic all through, and carry no current. */
  readonly isPlastic: boolean
  /** The threads of its bodies are of the same plastic; else brass is moulded in. */
  readonly plasticThreads: boolean
  /** The thread of its adapters goes by a thick wall's bore. */
  readonly threadsByPlasticBore: boolean

  /** The least share of its whole depth at which it still seals and holds; typical. */
  readonly leastShare: number
  /** Bare pipe that it wants on a stub, in mm, where no tool's table says so: typical. */
  readonly stubRoom: number
  /** Wall of what stands in plastic pipe's bore, in mm: typical. */
  readonly insertWall: number
  /** How likely it is to weep, beside one of press metal; typical, from what is made by hand alone to what a tool makes. */
  readonly weeps: number
  /** What can be seen of it, and is asked for when it is made. */
  readonly looked: readonly Looked[]
  /** What closes on the pipe beside the fitting, by the pipe's size; null where nothing does. */
  readonly ring: string | null
  /** What holds the pipe's bore open in it; null where it needs nothing. */
  insert(pipe: PipeWall): string | null
  /** What comes by the tin or the tube. */
  readonly tins: readonly string[]
  /** What comes from a reel, and how much of it a joint takes in mm; missing where nothing does. */
  readonly reel?: { readonly label: string; length(figures: ReelFigures): number }
  /** Seconds until water may stand on it; null where no wait is known at this temperature. */
  wait(figures: WaitFigures): number | null
  /** Its column of the first table. @param metalBodied whether bodies for the pipe's sizes are sold in metal */
  column(metalBodied: boolean): Column
  /** What it is made as beside couplings, elbows, tees, caps. */
  readonly made: ReadonlySet<Form>
  /** How it is put right where it is not OK, the least work first. */
  readonly rescues: readonly RescueWay[]
  /** The joint cut through. */
  readonly section: SectionShape
}

/** What holds of most ways of joining. */
export const most = {
  needsTool: true,
  hot: false,
  byFlame: 'spoilt',
  wantsDry: false,
  hasFiller: false,
  sealsOnWall: false,
  tightOnOldBore: false,
  onOldThreeQuarter: null,
  countsUses: false,
  isPushed: false,
  ownBodiesForPlastic: false,
  threaded: false,
  isCup: false,
  turnsOnceMade: null,
  demountable: false,
  mechanical: false,
  screwed: false,
  slipsInSoil: false,
  wantsRound: false,
  oneSystem: false,
  separatesMetals: false,
  isPlastic: false,
  plasticThreads: false,
  threadsByPlasticBore: false,
  stubRoom: 0,
  insertWall: 0,
  ring: null,
  insert: () => null,
  tins: [],
  wait: () => 0,
} as const satisfies Partial<Method>
