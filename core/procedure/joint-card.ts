import type { Catalogue } from '../catalogue/catalogue'
import type { Meeting } from '../catalogue/fitting'
import { isPlastic } from '../materials'
import { methods } from '../methods'
import type { MethodId } from '../methods/ids'
import type { Pipe } from '../catalogue/pipe'
import type { Profile } from '../workshop/profile'
import type { Figure } from '../quantity/basis'
import { clamp } from './methods/clamp'
import { compression } from './methods/compression'
import { compressionPe } from './methods/compression-pe'
import { crimp } from './methods/crimp'
import { expansion } from './methods/expansion'
import { fusion } from './methods/fusion'
import { pressMetal } from './methods/press-metal'
import { pressMultilayer } from './methods/press-multilayer'
import { pushFit } from './methods/push-fit'
import { screwed } from './methods/screwed'
import { solder } from './methods/solder'
import { solvent } from './methods/solvent'
import { thread } from './methods/thread'
import type { Speaker } from '../quantity/words/speaks'
import type { JointFigures, Procedure } from './procedure'

const procedures: Readonly<Record<MethodId, (figures: JointFigures) => Procedure>> = {
  solder,
  'press-metal': pressMetal,
  'press-multilayer': pressMultilayer,
  crimp,
  clamp,
  expansion,
  'push-fit': pushFit,
  compression,
  'compression-pe': compressionPe,
  solvent,
  thread,
  fusion,
}

export interface JointCard extends Procedure {
  readonly method: MethodId
  readonly title: string
  readonly insertion: Figure | null
  readonly minutes: number
  /** What is bored for the pipe beside the joint; empty where no pipe goes in. */
  readonly holes: string
}

/** Where a joint is made, and who reads its card. */
export interface CardPlace extends Pick<JointFigures, 'celsius' | 'attitude' | 'isExisting' | 'wet' | 'say'> {
  /** A slip coupling, which has no stop: the marks alone say where it stands. */
  readonly slips?: boolean
  /** The depth to mark, where a measured one overrules the catalogue's; undefined takes the catalogue's. */
  readonly insertion?: Figure | null
}

const wetCaution =
  'The line is wet: dry the end before it goes in, and keep drips off the finished joint until it is under pressure.'

/** How a slip coupling finds its place: it goes over one pipe, and back over both. */
const slipMark =
  'Mark the insertion depth all round on both pipe ends. The coupling has no stop: slide it right on to one pipe, bring the ends in line, and slide it back until both marks are at its mouths.'
/** Every procedure marks the pipe in its second step. */
const markStep = 1
const slipCaution = 'It may creep while you make it: check both marks before and after, and hold it there.'

/** Holes for pipe: for a sleeve through a wall, bare through a joist; mm more than the outside diameter. Typical. */
const hole = { sleeve: 6, metal: 3, plastic: 6 }

function holesText({ od, material }: Pipe, say: Speaker): string {
  const wall = `through a wall: a hole of ${say.length(od + hole.sleeve)} for a sleeve, sealed`
  return `${wall}; through a joist: ${say.length(od + (isPlastic(material) ? hole.plastic : hole.metal))}`
}

/** A procedure in its reader's trade words. */
function inWords(of: Procedure, { trade }: Speaker): Procedure {
  const all = (texts: readonly string[]) => texts.map(trade)
  return {
    tools: all(of.tools),
    consumables: all(of.consumables),
    steps: of.steps.map(({ text, figure, wait }) => ({
      text: trade(text),
      ...(figure ? { figure: 'text' in figure ? { ...figure, text: trade(figure.text) } : figure } : {}),
      ...(wait ? { wait } : {}),
    })),
    inspection: all(of.inspection),
    spoils: all(of.spoils),
    apart: trade(of.apart),
    cautions: all(of.cautions),
  }
}

/**
 * The card for one joint: its procedure with the figures of this pipe, method and size.
 *
 * @param here where it is made, and for whom the card is written
 */
export function jointCard(
  catalogue: Catalogue,
  pipe: Pipe,
  method: MethodId,
  { profile, here }: { readonly profile: Profile; readonly here: CardPlace },
): JointCard {
  const socket = catalogue.socketFor(method, pipe)
  const depth = here.insertion === undefined ? (socket?.insertion ?? null) : here.insertion
  const procedure = inWords(procedures[method]({ ...here, pipe, socket, insertion: depth, profile }), here.say)
  const { name, minutes } = methods[method]
  const { say, slips } = here
  const steps = procedure.steps.map((step, index) =>
    slips && index === markStep ? { ...step, text: say.trade(slipMark) } : step,
  )
  return {
    ...procedure,
    steps,
    method,
    title: socket ? `${socket.label} joint` : `${name}, ${pipe.label}`,
    cautions: [...(here.wet ? [wetCaution] : []), ...(slips ? [slipCaution] : []), ...procedure.cautions],
    insertion: depth,
    minutes,
    holes: holesText(pipe, here.say),
  }
}

/** What is done to a spigot, which nobody cuts, in place of a pipe's end. */
const spigotStart = 'Do not cut the spigot: check it and the socket for scores, and clean both over their whole length.'

/**
 * The card for a joint between two fittings: a thread in a thread, or a spigot in the socket of its size.
 *
 * @param pipe of the socket's size, for a spigot
 */
export function fittingJointCard(
  catalogue: Catalogue,
  meeting: Meeting,
  pipe: Pipe,
  { profile, here }: { readonly profile: Profile; readonly here: CardPlace },
): JointCard {
  if (meeting.kind === 'spigot') {
    const card = jointCard(catalogue, pipe, meeting.socket.method, { profile, here })
    const [, ...steps] = card.steps
    return { ...card, steps: [{ text: here.say.trade(spigotStart) }, ...steps], holes: '' }
  }
  const { male, female } = meeting
  const procedure = inWords(screwed(male, female), here.say)
  return {
    ...procedure,
    method: 'thread',
    title: `${male.size} ${male.system} thread, male in female`,
    cautions: here.wet ? [wetCaution, ...procedure.cautions] : procedure.cautions,
    insertion: null,
    minutes: methods.thread.minutes,
    holes: '',
  }
}
