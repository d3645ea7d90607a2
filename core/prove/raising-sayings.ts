import { fixed, messagesOf, sentence } from '../quantity/words/sentence'

/** What is said before a line is raised. */
export const raisingSentences = {
  id: 'raising',
  messages: {
    'too high': sentence(
      { bar: 16.5, part: '16 × 2 multilayer', rated: 10, most: 11 },
      ({ bar, part, rated, most }, say) =>
        `${say.testPressure(bar)} is too much for ${part}: rated ${say.testPressure(rated)}, tested at ${say.testPressure(most)} at most. Take a lower test pressure, or shut that part off`,
    ),
    'by height': sentence(
      { above: 3000, lowest: 10.2, highest: 9.7 as number | null },
      ({ above, lowest, highest }, say) =>
        `the gauge stands ${say.length(Math.abs(above))} ${above < 0 ? 'below' : 'above'} the lowest pipe: ${say.testPressure(lowest)} there${highest === null ? '' : `, ${say.testPressure(highest)} at the highest`}`,
    ),
    'air on plastic': sentence(
      { part: '16 × 2 multilayer' },
      ({ part }) => `no air on plastic (${part}): test with water, unless its maker allows air`,
    ),
    'not shut off': sentence(
      { what: 'water heater, expansion vessel' },
      ({ what }) =>
        `nobody has said that it is shut off or plugged, or what it bears: ${what}. The test pressure gets to it`,
    ),
    'mixed services': fixed('heating and drinking water are tested one by one: each at its own pressure'),
    'stored energy': sentence(
      { joules: 4230, away: 3000, look: 0.1 },
      ({ joules, away, look }, say) =>
        `air stores about ${joules} J here; 400 J throw a fitting like a hammer. Everyone out of the room and ${say.length(away)} away while it is pumped up, nobody in front of an end; look first at ${say.testPressure(look)}, soap on every joint, and let it off before anything is touched`,
    ),
  },
} as const
export const raisingSays = messagesOf(raisingSentences)
