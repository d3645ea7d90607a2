import { takeUpOf } from '../../catalogue/fitting-length'
import { sealsOnWasher, type ThreadEnd } from '../../catalogue/fitting'
import { threadDiameter } from '../../catalogue/thread-size'
import { waterCaution, type Procedure, type Step } from '../procedure'
import { tapeWraps } from './thread'

const plasticCaution =
  'Plastic on one side: no pipe wrench, no hemp, no paste that is not made for plastic. Past the turns on this card it splits, often weeks later.'

/** How the two are tightened: how far by turning, and what is held. */
function tighten(isPlastic: boolean, hasWasher: boolean): Step {
  if (hasWasher)
    return {
      text: 'Washer flat in its seat. Run the nut up by hand, then nip it with the spanner; hold back on the fitting’s own flats.',
      figure: { label: 'Turn', text: 'hand-tight and a quarter turn', basis: 'typical', turns: [0.25, 0.25] },
    }
  if (isPlastic)
    return {
      text: 'Hand-tight, then with a hand-size spanner on its flats; hold back on the other fitting.',
      figure: { label: 'Turn', text: '1 to 1½ turns past hand-tight', basis: 'typical', turns: [1, 1.5] },
    }
  return {
    text: 'Hand-tight, then with the spanner. Hold back on the fitting that is made to pipe already: the other one turns.',
    figure: { label: 'Turn', text: '1½ to 3 turns past hand-tight', basis: 'typical', turns: [1.5, 3] },
  }
}

/**
 * A fitting screwed into another: by what they are made of, and whether it seals on the thread or on a washer.
 *
 * @param male the thread that goes in
 */
export function screwed(male: ThreadEnd, female: ThreadEnd): Procedure {
  const isPlastic = male.plastic || female.plastic
  const hasWasher = sealsOnWasher({ female })
  const takeUp = takeUpOf(male)
  const dress: Step = {
    text: 'Tape the male clockwise as seen from its end, starting one thread back.',
    figure: tapeWraps(threadDiameter(male.size)),
  }
  return {
    tools: isPlastic ? ['hand-size spanner', 'a second one to hold back'] : ['spanner', 'a second one to hold back'],
    consumables: [hasWasher ? 'flat washer' : isPlastic ? 'thread tape' : 'thread tape or paste'],
    steps: [
      {
        text: 'Check both threads: clean, whole, same system. Try them by hand for two turns, then take them apart again.',
      },
      ...(hasWasher ? [] : [dress]),
      { text: 'Start it by hand: if it does not run freely, back off and check the thread.' },
      tighten(isPlastic, hasWasher),
      {
        text: 'Stop where it faces right: never turn back to line it up, that breaks the seal.',
        figure: { label: 'Goes in', mm: takeUp.mm, tolerance: takeUp.tolerance, basis: takeUp.basis },
      },
    ],
    inspection: hasWasher
      ? ['nut square, washer in its seat', 'facing right']
      : ['one to three threads showing', 'facing right', 'no crack in a plastic end'],
    spoils: [
      'NPT and BSP together',
      'turned back to line it up',
      'no back-hold',
      ...(isPlastic
        ? ['a pipe wrench on plastic', 'a plastic female on a tight taper male']
        : ['soldered after it was taped']),
    ],
    apart: hasWasher ? 'Undo the nut; a new washer each time.' : 'Unscrew with back-hold; clean and seal afresh.',
    cautions: [...(isPlastic ? [plasticCaution] : []), waterCaution],
  }
}
