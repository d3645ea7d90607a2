import type { FittingKind } from '../../catalogue/fitting'
import type { MethodId } from '../../methods/ids'

/** What a word of a fitting's name means. */
export type Meaning =
  | { readonly is: 'kind'; readonly kinds: readonly FittingKind[] }
  | { readonly is: 'angle'; readonly angle: 45 | 90 }
  | { readonly is: 'street' }
  /** How pipe is joined in an end: one way, or those that a material takes. */
  | { readonly is: 'methods'; readonly methods: readonly MethodId[]; readonly said: string }
  /** Which of two systems of one method. */
  | { readonly is: 'made'; readonly made: string }
  | { readonly is: 'type'; readonly type: 'socket' | 'spigot' | 'M' | 'F' }
  | { readonly is: 'system'; readonly system: 'NPT' | 'BSP' }
  /** Between two ends. */
  | { readonly is: 'and' }
  /** Said, and says nothing that tells fittings apart. */
  | { readonly is: 'nothing' }
  /** Understood, and no fitting of the catalogue: what it is. */
  | { readonly is: 'other'; readonly what: string }

const kind = (...kinds: FittingKind[]): Meaning => ({ is: 'kind', kinds })
const methods = (said: string, ...of: MethodId[]): Meaning => ({ is: 'methods', methods: of, said })
const made = (of: string): Meaning => ({ is: 'made', made: of })
const type = (of: 'socket' | 'spigot' | 'M' | 'F'): Meaning => ({ is: 'type', type: of })
const other = (what: string): Meaning => ({ is: 'other', what })
const [and, nothing]: [Meaning, Meaning] = [{ is: 'and' }, { is: 'nothing' }]

const partOfJoint = 'part of a joint, and no fitting: it comes with the pipe’s size, see the joint’s card'
const fixture = 'something that pipe leads to, and no fitting of the catalogue: ask for it by its thread'

/** Words and what they mean, in lower case; the longest that stands at a place is read. */
const words: readonly (readonly [string, Meaning])[] = [
  ['drop ear elbow|drop-ear elbow|drop ear ell|drop ear 90|drop ear|drop-ear|dropear', kind('drop-ear elbow')],
  [
    'wall plate elbow|wall-plate elbow|wallplate elbow|wall plate|wallplate|backplate elbow|lugged elbow',
    kind('drop-ear elbow'),
  ],
  ['stub out|stub-out|stubout', kind('stub-out')],
  ['angle stop|angle valve|angle shut-off', kind('angle stop')],
  ['street|st', { is: 'street' }],
  ['elbow|elbows|ell|el|bend|knee', kind('elbow 90', 'elbow 45')],
  ['45|forty five|forty-five', { is: 'angle', angle: 45 }],
  ['90|ninety', { is: 'angle', angle: 90 }],
  ['slip coupling|slip coupler|slip|repair coupling|repair coupler', kind('slip coupling')],
  ['dielectric union|dielectric', kind('dielectric union')],
  ['thread adapter', kind('thread adapter')],
  ['fitting reducer', kind('fitting reducer')],
  ['reducing bush|reducing bushing|hex bush|hex bushing|bushing|bush', kind('bushing')],
  ['reducing coupling|reducing socket|bell reducer|reducer', kind('reducer')],
  ['reducing|equal|straight-through', nothing],
  ['coupling|coupler|couplings|straight', kind('coupling', 'reducer')],
  ['swivel connector|tap connector|swivel', kind('swivel connector')],
  ['connector', kind('adapter', 'coupling', 'reducer')],
  ['adapter|adaptor|adaptors|adapters', kind('adapter')],
  ['converter', kind('converter')],
  ['union', kind('union')],
  [
    'ball valve|stop valve|gate valve|service valve|isolating valve|shut-off valve|shutoff valve|shut-off|shutoff|stop cock|stopcock|stop tap|valve',
    kind('valve'),
  ],
  ['hex nipple|barrel nipple|nipple', kind('nipple')],
  ['reducing tee|tee|tees', kind('tee')],
  ['end cap|stop end|cap', kind('cap')],
  ['plug', kind('plug')],
  ['pe compression|compression pe', methods('PE compression', 'compression-pe')],
  ['multilayer press|press multilayer', methods('multilayer press', 'press-multilayer')],
  ['soldered|solder|sweat|capillary|end feed|endfeed', methods('solder', 'solder')],
  ['press|pressed', methods('press', 'press-metal', 'press-multilayer')],
  ['crimp|crimped', methods('crimp', 'crimp')],
  ['pinch clamp|clamp|pinch', methods('clamp', 'clamp')],
  ['cold expansion|expansion', methods('expansion', 'expansion')],
  ['push fit|push-fit|pushfit|push to connect|push-to-connect|push on|push', methods('push-fit', 'push-fit')],
  ['compression|comp', methods('compression', 'compression', 'compression-pe')],
  ['solvent|cemented|cement|glued|glue', methods('solvent', 'solvent')],
  ['threaded|thread|screwed', methods('thread', 'thread')],
  ['socket fusion|fusion|fused|polyfusion', methods('fusion', 'fusion')],
  ['pp-r|ppr|polypropylene', methods('PP-R', 'fusion')],
  ['copper|cu', methods('copper', 'solder', 'press-metal', 'push-fit', 'compression')],
  ['pex-al-pex|pexalpex', made('pex-al-pex')],
  ['pex-a|pex-b|pex-c|pex', methods('PEX', 'crimp', 'clamp', 'expansion', 'push-fit', 'compression')],
  ['multilayer|mlcp|mlc', methods('multilayer', 'press-multilayer', 'compression')],
  ['polyethylene|mdpe|hdpe|poly|pe', methods('PE', 'compression-pe')],
  ['galvanised|galvanized|galv|steel|black iron|iron', methods('steel', 'thread')],
  ['cpvc', made('cpvc')],
  ['pvc-u|upvc|pvc', made('pvc')],
  ['insert', made('insert')],
  ['repair', made('repair')],
  ['od|outside diameter', made('od')],
  ['ftg|fit|spigot|fitting end', type('spigot')],
  ['cup|c', type('socket')],
  ['mbsp|mnpt|mip|mpt|mi|male|m', type('M')],
  ['fbsp|fnpt|fip|fpt|fi|female|f', type('F')],
  ['npt', { is: 'system', system: 'NPT' }],
  ['bspt|bspp|bsp', { is: 'system', system: 'BSP' }],
  ['x|by|to|onto|and|with', and],
  [
    'a|an|the|of|for|in|inch|inches|mm|deg|degree|degrees|pipe|tube|brass|bronze|fitting|ends|end|size|nominal|please|i|need|thread-end',
    nothing,
  ],
  [
    'hose bibb|hose bib|bib tap|bibcock|sillcock|frost-proof|frostproof|frost proof|frost-free|frost free',
    other(fixture),
  ],
  ['stiffener|stiffeners|liner|olive|ferrule|crimp ring|ring', other(partOfJoint)],
]

const table: ReadonlyMap<string, Meaning> = new Map(
  words.flatMap(([said, meaning]) => said.split('|').map((word) => [word, meaning] as const)),
)
const longestPhrase = Math.max(...[...table.keys()].map((word) => word.split(' ').length))

/** What stands at a place of a line, the longest phrase that means something; null where nothing does. */
export function meaningAt(
  line: readonly string[],
  at: number,
): { readonly meaning: Meaning; readonly count: number } | null {
  for (let count = Math.min(longestPhrase, line.length - at); count > 0; count -= 1) {
    const meaning = table.get(line.slice(at, at + count).join(' '))
    if (meaning) return { meaning, count }
  }
  return null
}

/** What is said for gas is never read as water. */
export const forGas: ReadonlySet<string> = new Set(['gas', 'propane', 'lpg', 'csst'])

/** Sizes as they are spoken, the longer first. */
const spoken: readonly (readonly [RegExp, string])[] = [
  [/\b(?:an |one )?inch and (?:a|one) quarter\b|\bone and a quarter\b/g, '1-1/4'],
  [/\b(?:an |one )?inch and (?:a|one) half\b|\bone and a half\b/g, '1-1/2'],
  [/\bthree[- ]?quarters?\b/g, '3/4'],
  [/\bthree[- ]?eighths?\b/g, '3/8'],
  [/\bfive[- ]?eighths?\b/g, '5/8'],
  [/\bseven[- ]?eighths?\b/g, '7/8'],
  [/\b(?:a |one[- ])?quarter\b/g, '1/4'],
  [/\b(?:a |one[- ])?half\b/g, '1/2'],
  [/\btwenty[- ]?eight\b/g, '28'],
  [/\btwenty[- ]?two\b/g, '22'],
  [/\btwenty[- ]?five\b/g, '25'],
  [/\bthirty[- ]?two\b/g, '32'],
  [/\btwenty\b/g, '20'],
  [/\bsixteen\b/g, '16'],
  [/\bfifteen\b/g, '15'],
  [/\btwo[- ]inch\b/g, '2'],
  [/\bone[- ]inch\b/g, '1'],
]

/** A line in lower case and words: sizes as figures, marks and units dropped, an x between two ends by itself. */
export function wordsOf(text: string): string[] {
  const figures = spoken.reduce(
    (line, [form, size]) => line.replace(form, ` ${size} `),
    text.toLowerCase().replaceAll('½', '1/2').replaceAll('¾', '3/4').replaceAll('¼', '1/4').replaceAll('⅜', '3/8'),
  )
  return figures
    .replace(/["″”°,;?!]|(?<=\d)\s*(?:mm|inch(?:es)?|in)\b/g, ' ')
    .replace(/(\d+)\s+(\d\/\d)/g, '$1-$2')
    .replace(/[×*]/g, ' x ')
    .replace(/(?<=\d)\s*x\s*(?=\d)|(?<=\d)x(?=[a-z])|(?<=\s)x(?=\d)/g, ' x ')
    .split(/\s+/)
    .filter((word) => word !== '')
}
