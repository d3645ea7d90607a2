import { coldBelow, fusionTimes } from '../../methods/fusion-times'
import { commonStart, type JointFigures, type Procedure, type Step } from '../procedure'

/** Of the heads, in °C: typical. */
const heads = { celsius: 260, within: 10 }

/** Heating, changing over, holding and leaving, with the times of this size. */
function fused({ pipe, celsius, say }: JointFigures): Step[] {
  const times = fusionTimes(pipe.od, celsius)
  const basis = 'DVS 2207-11, typical'
  const cold = celsius === undefined ? `; below ${say.temperature(coldBelow)} half as long again` : ''
  const heat =
    'Push socket and pipe on to their heads together, to the stop and to the mark, without twisting. Count from when both are fully in.'
  const change =
    'Pull both off, and push together at once, straight, to the mark. No turn; up to 5° in the first second.'
  const hold = 'Hold it still.'
  if (!times) {
    const byMaker = { text: 'by the maker’s table', basis: 'no figure for this size' }
    return [
      { text: heat, figure: { label: 'Heat', ...byMaker } },
      { text: change, figure: { label: 'Change over', ...byMaker } },
      { text: hold, figure: { label: 'Hold', ...byMaker } },
    ]
  }
  return [
    { text: heat, wait: { seconds: times.heat, what: 'both are heated', basis: `${basis}${cold}` } },
    { text: change, figure: { label: 'Change over', text: `within ${times.change} s`, basis } },
    { text: hold, wait: { seconds: times.hold, what: 'held still', basis } },
    { text: 'Leave it: no load on it yet.', wait: { seconds: times.left, what: 'may be loaded', basis } },
  ]
}

export function fusion(figures: JointFigures): Procedure {
  const { insertion, profile, say } = figures
  const heat = `${say.temperature(heads.celsius - heads.within)} to ${say.temperature(heads.celsius + heads.within)}`
  return {
    tools: ['fusion tool with its stand', 'heads of the pipe’s size', 'pipe shears', 'crayon or probe'],
    consumables: ['wipes'],
    steps: [
      ...commonStart(insertion, 'never'),
      {
        text: 'Scrape off an aluminium layer, as deep as the mark. Wipe pipe, socket and heads clean and dry; no draught.',
      },
      {
        text: 'Let the tool heat up, and check the heads with a crayon or a probe.',
        figure: { label: 'Heads', text: heat, basis: 'DVS 2207-11, typical' },
      },
      ...fused(figures),
      {
        text: 'Leave it before the pressure test.',
        wait: { seconds: profile.fusionTest * 60, what: 'test', basis: 'setting of the profile' },
      },
      {
        text: 'Full pressure only once it has stood.',
        wait: { seconds: profile.fusionFull * 60, what: 'full pressure', basis: 'setting of the profile' },
      },
    ],
    inspection: ['an even double bead all round', 'the mark at the bead', 'in line'],
    spoils: [
      'heads too cold, or heated too long',
      'pipe pushed past its depth: the bead narrows the bore',
      'not fully in',
      'turned while joining',
      'water in the line, a wet bead',
      'heated on one side only',
    ],
    apart: 'Cut it out: a fused joint is one with its pipe.',
    cautions: [
      'The heads burn: keep the tool on its stand, and gloves on.',
      'Never on a wet line: shut off and drain, and dry the end. Refill slowly, with the highest outlet open.',
    ],
  }
}
