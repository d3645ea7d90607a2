import { fixed, messagesOf } from '../quantity/words/sentence'

/** What makes a place likelier to be the one that leaks. */
export const searchSentences = {
  id: 'leak-search',
  messages: {
    'not sound': fixed('looked at and not sound'),
    'not made': fixed('not ticked as made'),
    'gauge does not go': fixed('the gauge did not go'),
    'not gauged': fixed('no gauge’s result'),
    'mark not seen': fixed('nobody saw its mark at the mouth'),
    'not at the shoulder': fixed('nobody checked that the pipe is at the shoulder'),
    'ring not placed': fixed('nobody checked the place of its ring'),
    'ring not turned': fixed('nobody checked that its collar is locked'),
    'no insert': fixed('nobody checked that its insert is in'),
    reused: fixed('a push-fit that was used before'),
    'made twice': fixed('made more than once'),
    'factory end': fixed('the pipe’s end is as the mill cut it'),
    refused: fixed('the plan refuses this joint'),
  },
} as const
export const searchSays = messagesOf(searchSentences)
export type SuspicionKind = keyof typeof searchSentences.messages
