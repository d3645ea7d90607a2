export const lookKinds = ['place', 'magnet', 'cut-end', 'feel', 'tap', 'colour', 'scratch', 'stripe', 'joint'] as const
export type LookKind = (typeof lookKinds)[number]

/** The answers that each look can give, in the words shown on screen. */
export const lookValues = {
  place: ['in the ground', 'in a floor', 'on a wall', 'outdoors'],
  magnet: ['sticks', 'faint', 'does not stick'],
  'cut-end': ['reddish metal', 'grey metal', 'plastic', 'thick plastic', 'plastic-metal-plastic'],
  feel: [
    'rigid',
    'bends and stays',
    'springs back',
    'springs back, straightens',
    'springs back, keeps its curl',
    'very flexible',
    'flexible, waxy',
    'stiff, waxy',
  ],
  tap: ['rings', 'dull'],
  colour: ['red-brown', 'green', 'white', 'red', 'blue', 'black', 'grey', 'cream', 'silver', 'translucent', 'painted'],
  scratch: ['reddish', 'silver-grey', 'shiny soft grey', 'plastic'],
  stripe: ['green', 'blue', 'red', 'none'],
  joint: [
    'silver ring of solder',
    'press bead',
    'press sleeve with windows',
    'copper ring',
    'pinched clamp',
    'plastic ring',
    'push-fit collar',
    'nut and olive',
    'large plastic nut',
    'cemented bead',
    'thread',
    'fused collar',
    'wiped bulb',
  ],
} as const satisfies Record<LookKind, readonly string[]>

/** What an end is called when nobody looked at which metal it is. */
export const anyMetal = 'one metal'

/** Answers that leave open which of several finer ones it is: each is as likely as those together. */
export const coarseLooks: Readonly<Partial<Record<LookKind, Readonly<Record<string, readonly string[]>>>>> = {
  'cut-end': { [anyMetal]: ['reddish metal', 'grey metal'], plastic: ['plastic', 'thick plastic'] },
  feel: {
    'springs back': [
      'springs back',
      'springs back, straightens',
      'springs back, keeps its curl',
      'very flexible',
      'flexible, waxy',
    ],
    waxy: ['flexible, waxy', 'stiff, waxy'],
  },
}

/** Other words for the same answers, tried in order. */
const otherWords: Readonly<Record<LookKind, readonly (readonly [RegExp, string])[]>> = {
  place: [
    [/ground|soil|trench|bur/, 'in the ground'],
    [/floor|screed|slab/, 'in a floor'],
    [/out|garden|yard/, 'outdoors'],
    [/wall|stud|ceiling|loft|surface/, 'on a wall'],
  ],
  magnet: [
    [/^(no|false|none|does ?n.t|not)\b/, 'does not stick'],
    [/faint|weak|slight/, 'faint'],
    [/^(yes|true|stick|strong|magnetic)/, 'sticks'],
  ],
  'cut-end': [
    [/plastic.*(metal|alumin).*plastic|ring|layer|composite|sandwich/, 'plastic-metal-plastic'],
    [/thick/, 'thick plastic'],
    [/plastic/, 'plastic'],
    [/red|copper|brown/, 'reddish metal'],
    [/grey|gray|silver|steel|bright/, 'grey metal'],
    [/metal/, anyMetal],
  ],
  feel: [
    [/stiff.*wax|wax.*stiff/, 'stiff, waxy'],
    [/flex.*wax|wax.*flex/, 'flexible, waxy'],
    [/wax/, 'waxy'],
    [/very flex/, 'very flexible'],
    [/straight|uncoil|memory least/, 'springs back, straightens'],
    [/curl|coil|memory/, 'springs back, keeps its curl'],
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
  joint: [
    [/wiped|bulb/, 'wiped bulb'],
    [/solder/, 'silver ring of solder'],
    [/window|sleeve/, 'press sleeve with windows'],
    [/press/, 'press bead'],
    [/expan|plastic ring/, 'plastic ring'],
    [/pinch|clamp/, 'pinched clamp'],
    [/crimp|copper ring/, 'copper ring'],
    [/push/, 'push-fit collar'],
    [/large|pe compression/, 'large plastic nut'],
    [/olive|compression|nut/, 'nut and olive'],
    [/cement|glue|solvent/, 'cemented bead'],
    [/fus|weld/, 'fused collar'],
    [/thread|screw/, 'thread'],
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
