import type { OwnTest } from '../workshop/own-test-schema'
import { sentence } from '../quantity/words/sentence'
import { atLeast, atMost, fall, raisedTo, stepPressure, testProfile, type TestProfile } from './profile'

const minutes = (seconds: number): string => `${Math.round((seconds / 60) * 10) / 10}`

/** What a test of one's own asks for. */
export const ownTestSentences = {
  id: 'own',
  messages: {
    raised: sentence({ bar: 10 }, ({ bar }, say) => `at least ${say.testPressure(bar)} reached`),
    drop: sentence({ from: 0, to: 600 }, ({ from, to }) => `no drop from minute ${minutes(from)} to ${minutes(to)}`),
    fall: sentence(
      { from: 0, to: 600, most: 0.2 },
      ({ from, to, most }, say) =>
        `drops by at most ${say.testPressure(most)} from minute ${minutes(from)} to ${minutes(to)}`,
    ),
  },
} as const

/** The profile that a test of one's own is. */
export const ownProfile = ({ name, medium, steps, falls }: OwnTest): TestProfile =>
  testProfile({
    meta: {
      id: ownTestSentences.id,
      name,
      statement: 'As the workshop has it.',
      why: 'A job, a maker or an authority asks for more, or for something else.',
      basis: 'measured',
      media: [medium],
      steps,
      falls,
      stillFrom: falls.length > 0 ? Math.min(...falls.map(({ from }) => from)) : 0,
      messages: ownTestSentences.messages,
    },
    limits: ({ readings, design }, say) => {
      const bar = stepPressure(steps[0]!, design)
      return [
        say('raised', atLeast(raisedTo(readings, 0), bar), { bar }),
        ...falls.map(({ from, to, most }) => {
          const figures = atMost(fall(readings, from, to), most)
          return most === 0 ? say('drop', figures, { from, to }) : say('fall', figures, { from, to, most })
        }),
      ]
    },
  })

/** A shipped profile as one of one's own, to be changed: the same steps, and the same falls that pass. */
export const copyOf = ({ meta }: TestProfile): OwnTest => ({
  name: `${meta.name}, own`.slice(0, 60),
  medium: meta.media[0]!,
  steps: meta.steps.map((step) => ({ ...step })),
  falls: meta.falls.map((of) => ({ ...of })),
})
