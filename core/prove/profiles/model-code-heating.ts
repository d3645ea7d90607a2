import { fixed, sentence } from '../../quantity/words/sentence'
import { atLeast, atMost, fall, raisedTo, stepPressure, testProfile, type TestStep } from '../profile'

const hold = 900
/** 100 psi in bar: less is never asked for. */
const least = 6.895
const raised: TestStep = { does: 'raise', seconds: 0, share: 1.5, least }

/** As the mechanical code tests hydronic piping. */
export const modelCodeHeating = testProfile({
  meta: {
    id: 'model-code-heating',
    name: 'Mechanical code, heating',
    statement:
      'With water at 1.5 times the design pressure, and at least at 100 psi, the pressure does not drop in 15 minutes.',
    why: 'A heating line that holds 100 psi cold holds a boiler’s pressure hot; the boiler, its relief valve and its tank are shut off.',
    basis: 'model code',
    media: ['water'],
    steps: [raised, { does: 'hold', seconds: hold, share: 1.5, least }],
    falls: [{ from: 0, to: hold, most: 0 }],
    stillFrom: 0,
    messages: {
      raised: sentence({ bar: least }, ({ bar }, say) => `at least ${say.testPressure(bar)} reached`),
      drop: fixed('no drop in 15 minutes'),
    },
  },
  limits({ readings, design }, say) {
    const bar = stepPressure(raised, design)
    return [
      say('raised', atLeast(raisedTo(readings, 0), bar), { bar }),
      say('drop', atMost(fall(readings, 0, hold), 0)),
    ]
  },
})
