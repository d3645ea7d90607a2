import { fixed, messagesOf } from '../quantity/words/sentence'

/** What makes a place likelier to be the one that leaks. */
export const searchSentences = {
  id: 'leak-search',
  messages: {
    'not sound': fixed('inspected: not OK'),
    'not made': fixed('not marked as made'),
    'gauge does not go': fixed('gauge not OK'),
    'not gauged': fixed('no gauge result'),
    'mark not seen': fixed('mark at the mouth not seen'),
    'not at the shoulder': fixed('pipe at the shoulder not checked'),
    'ring not placed': fixed('ring position not checked'),
    'ring not turned': fixed('collar not checked'),
    'no insert': fixed('insert not checked'),
    reused: fixed('push-fit used before'),
    'made twice': fixed('made more than once'),
    'factory end': fixed('factory end not cut back'),
    refused: fixed('joint not allowed by the rules'),
  },
} as const
export const searchSays = messagesOf(searchSentences)
export type SuspicionKind = keyof typeof searchSentences.messages
