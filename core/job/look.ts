export const lookKinds = ['magnet', 'cut-end', 'feel', 'tap', 'colour', 'scratch', 'stripe'] as const
export type LookKind = (typeof lookKinds)[number]

/** The answers that each look can give, in the words shown on screen. */
export const lookValues = {
  magnet: ['sticks', 'faint', 'does not stick'],
  'cut-end': ['reddish metal', 'grey metal', 'plastic', 'plastic-metal-plastic'],
  feel: ['rigid', 'bends and stays', 'springs back', 'waxy'],
  tap: ['rings', 'dull'],
  colour: ['red-brown', 'green', 'white', 'red', 'blue', 'black', 'grey', 'cream', 'silver', 'translucent', 'painted'],
  scratch: ['reddish', 'silver-grey', 'shiny soft grey', 'plastic'],
  stripe: ['green', 'blue', 'red', 'none'],
} as const satisfies Record<LookKind, readonly string[]>

/** What an end is called when nobody looked at which metal it is. */
export const anyMetal = 'one metal'

/** Other words for the same answers, tried in order. */
const otherWords: Readonly<Record<LookKind, readonly (readonly [RegExp, string])[]>> = {
  magnet: [
    [/^(no|false|none|does ?n.t|not)\b/, 'does not stick'],
    [/faint|weak|slight/, 'faint'],
    [/^(yes|true|stick|strong|magnetic)/, 'sticks'],
  ],
  'cut-end': [
    [/plastic.*(metal|alumin).*plastic|ring|layer|composite|sandwich/, 'plastic-metal-plastic'],
    [/plastic/, 'plastic'],
    [/red|copper|brown/, 'reddish metal'],
    [/grey|gray|silver|steel|bright/, 'grey metal'],
    [/metal/, anyMetal],
  ],
  feel: [
    [/wax/, 'waxy'],
    [/spring|flex|memory/, 'springs back'],
    [/stay|bend|soft/, 'bends and stays'],
    [/rigid|stiff|hard|heavy/, 'rigid'],
  ],
  tap: [
    [/ring|clear/, 'rings'],
    [/dull|thud/, 'dull'],
  ],
  colour: [
    [/paint/, 'painted'],
    [/brown|copper/, 'red-brown'],
    [/transl|clear/, 'translucent'],
    [/cream|tan|yellow|beige/, 'cream'],
    [/silver|bright|zinc|chrome/, 'silver'],
    [/black/, 'black'],
    [/gr[ae]y/, 'grey'],
    [/white/, 'white'],
    [/green/, 'green'],
    [/blue/, 'blue'],
    [/red/, 'red'],
  ],
  scratch: [
    [/plastic/, 'plastic'],
    [/shiny|soft|lead/, 'shiny soft grey'],
    [/red|copper|brown/, 'reddish'],
    [/silver|gr[ae]y|steel|bright/, 'silver-grey'],
  ],
  stripe: [
    [/none|no\b/, 'none'],
    [/green/, 'green'],
    [/blue/, 'blue'],
    [/red/, 'red'],
  ],
}

/**
 * The answer meant by a word: one of `lookValues`, or null where the word is none of them.
 *
 * @example readLook('magnet', 'no') // 'does not stick'
 */
export function readLook(kind: LookKind, value: string): string | null {
  const word = value.trim().toLowerCase().replaceAll('_', ' ')
  const exact = (lookValues[kind] as readonly string[]).find(
    (known) => known === word.replaceAll('-', ' ') || known === word,
  )
  return exact ?? otherWords[kind].find(([form]) => form.test(word))?.[1] ?? null
}
