import { fixed, messagesOf, sentence } from '../../quantity/words/sentence'
import type { Reason } from '../verdict'

/** Why no fittings lead from one pipe to another, and what to do. */
export const noChainVocabulary = {
  id: 'no-chain',
  messages: {
    lead: fixed(
      'Do not extend lead: replace it back to sound pipe. A licensed person may fit a listed lead-to-new coupling.',
    ),
    'shut out': sentence<{ readonly pipe: string; readonly why: Reason | null }>(
      { pipe: '1/2 PVC-U', why: null },
      ({ pipe, why }, say) =>
        `Nothing goes on ${pipe} here: ${why ? say.tell(why) : 'no method takes it'}. Change that, or replace this pipe.`,
    ),
    'no fitting': sentence(
      { pipe: '6 copper' },
      ({ pipe }) =>
        `No fitting in the catalogue is made for ${pipe}: use its own maker’s fitting to a thread, or replace it back to a size that has fittings.`,
    ),
    'no chain': sentence(
      { a: '15 copper', b: '63 PE' },
      ({ a, b }) =>
        `No chain of up to three fittings joins ${a} to ${b} here. See the refusals: change the place or the method, or replace one of the pipes.`,
    ),
  },
} as const

export const noChain = messagesOf(noChainVocabulary)
