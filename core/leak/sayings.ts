import { fixed, messagesOf } from '../quantity/message'

/** What makes a place likelier to be the one that leaks. */
export const searchSentences = {
  id: 'leak-search',
  messages: {
    'not sound': fixed('looked at and not sound'),
    'not made': fixed('not ticked as made'),
    'gauge does not go': fixed('the gauge did not go'),
    'not gauged': fixed('no gauge’s result'),
    'mark not seen': fixed('its mark was not seen at the mouth'),
    'ring not turned': fixed('its ring was not turned'),
    'no insert': fixed('its insert was not ticked'),
    reused: fixed('a push-fit that was used before'),
    'made twice': fixed('made more than once'),
    'factory end': fixed('the pipe’s end is as the mill cut it'),
    refused: fixed('the plan refuses this joint'),
  },
} as const
export const searchSays = messagesOf(searchSentences)
export type SuspicionKind = keyof typeof searchSentences.messages
