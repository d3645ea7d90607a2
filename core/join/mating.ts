import { fixed } from '../quantity/words/sentence'
import type { RuleMeta } from './rule'

/** Fitting in fitting: what holds where no pipe is in the joint. */
export const matingMeta = {
  id: 'mating',
  statement: 'Fittings join by opposite threads of one system and size, or by a spigot in a socket of its own size.',
  why: 'Between two fittings nothing makes up for a thread or a diameter that does not match.',
  basis: 'standard',
  settings: [],
  messages: {
    threads: fixed('opposite threads of one system and size'),
    spigot: fixed('a spigot of the socket’s own size'),
  },
} as const satisfies RuleMeta
