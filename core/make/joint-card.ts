import type { Catalogue } from '../catalogue/catalogue'
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
}

/**
 * The card for one joint: its procedure with the figures of this pipe, method and size.
 *
 * @param celsius air temperature at the joint, for waits that depend on it
 * @param insertion the depth to mark, when a measured one overrules the catalogue's; undefined takes the catalogue's
 */
export function jointCard(
  catalogue: Catalogue,
  pipe: Pipe,
  method: MethodId,
  profile: Profile,
  insertion?: Figure | null,
  celsius?: number,
): JointCard {
  const socket = catalogue.socketFor(method, pipe)
  const depth = insertion === undefined ? (socket?.insertion ?? null) : insertion
  const procedure = procedures[method]({ pipe, socket, insertion: depth, profile, celsius })
  const { name, minutes } = methods[method]
  return {
    ...procedure,
    method,
    title: socket ? `${socket.label} joint` : `${name}, ${pipe.label}`,
    insertion: depth,
    minutes,
  }
}
