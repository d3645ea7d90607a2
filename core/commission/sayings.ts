import { fixed, messagesOf, sentence } from '../quantity/words/sentence'

/** What is lacking once the pipe is tight. */
export const commissionSentences = {
  id: 'commission',
  messages: {
    'not flushed': fixed('flushing not recorded'),
    'not flushed at': sentence({ where: 'outlet 2' }, ({ where }) => `not flushed: ${where}`),
    'not disinfected': fixed('disinfection not recorded'),
    'no flow at': sentence({ where: 'outlet 2' }, ({ where }) => `pressure and flow not measured: ${where}`),
    'no degrees at': sentence({ where: 'outlet 2' }, ({ where }) => `degrees of hot water not measured: ${where}`),
    'heating not filled': fixed('fill pressure of the heating not recorded'),
    'not vented': fixed('venting not recorded'),
    'not balanced': fixed('balancing not recorded'),
    'not inspected warm': fixed('joints not inspected warm, or one not dry then'),
  },
} as const
export const commissionSays = messagesOf(commissionSentences)
