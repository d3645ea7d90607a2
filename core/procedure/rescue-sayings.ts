import { fixed, messagesOf, sentence } from '../quantity/words/sentence'

/** How a joint is put right that is not OK, and what becomes of its pipe. */
export const rescueSentences = {
  id: 'rescue',
  messages: {
    tighten: fixed('If it only weeps: tighten a further eighth to quarter turn, holding the body, and dry it'),
    'undo the nut': fixed(
      'Undo the nut and pull. Check the olive: round and unmarked, it goes on again hand-tight and a quarter turn',
    ),
    'heat again': fixed(
      'Drain and dry the line. Heat, pull apart, wipe off the solder, clean both to bright metal, flux and solder again',
    ),
    'cut out': fixed('Cut the pipe at the mouth of the fitting: what is in it comes away with it'),
    'cut behind the barb': fixed(
      'Cut the pipe behind the barb and the ring with a ring cutter; slit the rest and peel it off. Do not mark the barb',
    ),
    'warm off': fixed(
      'Cut the pipe behind the ring; warm the ring gently and pull the rest off. Use the fitting again only if it is unmarked',
    ),
    'cut off the olive': fixed(
      'Undo the nut and cut the pipe behind the olive; the nut comes off, and a new olive goes on',
    ),
    release: fixed(
      'Release the collar or the grip ring, and pull. Unmarked, the end goes in again; lubricate the seal',
    ),
    'cut back the end': fixed('Release it, and cut the marked end off; deburr it, and push it in again'),
    unscrew: fixed('Unscrew with back-hold, clean both threads, seal afresh'),
    'keeps its length': fixed('the pipe keeps its length'),
    'still reaches': sentence(
      { off: 2, length: 1185 },
      ({ off, length }, say) =>
        `cut at the mark, the piece gets ${say.length(off)} shorter, ${say.length(length)}, and still reaches`,
    ),
    'too short': sentence<{ readonly off: number; readonly blank: number | null }>(
      { off: 15.5, blank: 1187 },
      ({ off, blank }, say) =>
        `the piece gets at least ${say.length(off)} shorter and no longer reaches: cut a new one${blank === null ? '' : `, ${say.length(blank)}`}`,
    ),
    'may not reach': sentence(
      { off: 15.5 },
      ({ off }, say) =>
        `the piece gets at least ${say.length(off)} shorter; whether it still reaches is not known: measure, or cut a new one`,
    ),
    'existing shorter': sentence(
      { off: 15.5 },
      ({ off }, say) =>
        `the existing pipe gets at least ${say.length(off)} shorter: make it up with a slip coupling or a short piece`,
    ),
    'depth not known': fixed('how much pipe is lost is not known: measure the insertion depth'),
  },
} as const

export const rescueSays = messagesOf(rescueSentences)
