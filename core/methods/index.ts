import { solder } from './solder'
import { pressMetal } from './press-metal'
import { pressMultilayer } from './press-multilayer'
import { crimp } from './crimp'
import { clamp } from './clamp'
import { expansion } from './expansion'
import { pushFit } from './push-fit'
import { compression } from './compression'
import { compressionPe } from './compression-pe'
import { solvent } from './solvent'
import { thread } from './thread'
import { fusion } from './fusion'
import type { MethodId } from './ids'
import type { Method } from './method'

/** The ways of joining. A new one is a file beside these and a line here; its card, its sizes and its column stand in their tables. */
export const methods: Readonly<Record<MethodId, Method>> = {
  solder: solder,
  'press-metal': pressMetal,
  'press-multilayer': pressMultilayer,
  crimp: crimp,
  clamp: clamp,
  expansion: expansion,
  'push-fit': pushFit,
  compression: compression,
  'compression-pe': compressionPe,
  solvent: solvent,
  thread,
  fusion,
}
