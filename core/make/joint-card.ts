import type { Catalogue } from '../catalogue/catalogue'
import { isPlastic } from '../catalogue/material'
import { methods, type MethodId } from '../catalogue/method'
import type { Pipe } from '../catalogue/pipe'
import type { Profile } from '../job/profile'
import type { Figure } from '../quantity/basis'
import { clamp } from './procedures/clamp'
import { compression } from './procedures/compression'
import { compressionPe } from './procedures/compression-pe'
import { crimp } from './procedures/crimp'
import { expansion } from './procedures/expansion'
import { pressMetal } from './procedures/press-metal'
import { pressMultilayer } from './procedures/press-multilayer'
import { pushFit } from './procedures/push-fit'
import { solder } from './procedures/solder'
import { solvent } from './procedures/solvent'
import { thread } from './procedures/thread'
import type { Speaker } from '../quantity/speaker'
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
}

export interface JointCard extends Procedure {
  readonly method: MethodId
  readonly title: string
  readonly insertion: Figure | null
  readonly minutes: number
  /** What is bored for the pipe beside the joint. */
  readonly holes: string
}

/** Where a joint is made, and who reads its card. */
export interface CardPlace extends Pick<JointFigures, 'celsius' | 'attitude' | 'wet' | 'say'> {
  /** The depth to mark, where a measured one overrules the catalogue's; undefined takes the catalogue's. */
  readonly insertion?: Figure | null
}

const wetCaution =
  'The line is wet: dry the end before it goes in, and cover the finished joint from drips until it is under pressure.'

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
  profile: Profile,
  here: CardPlace,
): JointCard {
  const socket = catalogue.socketFor(method, pipe)
  const depth = here.insertion === undefined ? (socket?.insertion ?? null) : here.insertion
  const procedure = inWords(procedures[method]({ ...here, pipe, socket, insertion: depth, profile }), here.say)
  const { name, minutes } = methods[method]
  return {
    ...procedure,
    method,
    title: socket ? `${socket.label} joint` : `${name}, ${pipe.label}`,
    cautions: here.wet ? [wetCaution, ...procedure.cautions] : procedure.cautions,
    insertion: depth,
    minutes,
    holes: holesText(pipe, here.say),
  }
}
