import { fixed, sentence } from '../../quantity/words/sentence'
import { atLeast, atMost, fall, raisedTo, testProfile } from '../profile'

const [toppingUp, hold] = [1800, 3600]
/** What the stretch of plastic may cost after it was topped up, in bar; typical. */
const plasticMost = 0.2

/** EN 14336 asks for 1.3 times the working pressure; its times are left to the makers, and these are typical. */
export const heating = testProfile({
  meta: {
    id: 'heating',
    name: 'Heating (1.3 times)',
    statement:
      'Cold, at 1.3 times the working pressure: topped up for 30 minutes, then in 60 minutes it does not drop; by at most 0.2 bar where there is plastic.',
    why: 'A heating circuit works at a few bar, and its boiler, vessel and safety valve bear no more than that: they are shut off.',
    basis: 'guidance',
    media: ['water'],
    steps: [
      { does: 'raise', seconds: 0, share: 1.3 },
      { does: 'top up', seconds: toppingUp, share: 1.3 },
      { does: 'hold', seconds: hold, share: 1.3 },
    ],
    falls: [{ from: toppingUp, to: toppingUp + hold, most: 0 }],
    stillFrom: toppingUp,
    messages: {
      raised: sentence({ bar: 3.9 }, ({ bar }, say) => `at least ${say.testPressure(bar)} reached`),
      drop: fixed('topped up for 30 minutes, then no drop in 60'),
      'drop of plastic': sentence(
        { most: plasticMost },
        ({ most }, say) => `topped up for 30 minutes, then drops by at most ${say.testPressure(most)} in 60`,
      ),
    },
  },
  limits({ readings, design, hasPlastic }, say) {
    const dropped = fall(readings, toppingUp, toppingUp + hold)
    return [
      say('raised', atLeast(raisedTo(readings, 0), 1.3 * design), { bar: 1.3 * design }),
      hasPlastic
        ? say('drop of plastic', atMost(dropped, plasticMost), { most: plasticMost })
        : say('drop', atMost(dropped, 0)),
    ]
  },
})
