import type { Message } from '../quantity/words/message'
import type { Units } from '../quantity/units'
import { speakerIn } from '../speech'

/** For tests: what a message says to a reader of these units; nothing where there is no message. */
export const said = (message: Message | null | undefined, units: Units = 'metric'): string =>
  message ? speakerIn(units).tell(message).replaceAll('\u2009', ' ') : ''
