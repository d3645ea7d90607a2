/**
 * What the trade makes in one body, beside what is of one size throughout. Typical; whoever has a part in the hand that is
 * not here measures it, and it counts. Sizes as `larger × smaller`, by method and system of the socket.
 */
const copperInch =
  '1/2 × 3/8, 3/4 × 1/2, 1 × 1/2, 1 × 3/4, 1-1/4 × 3/4, 1-1/4 × 1, 1-1/2 × 1, 1-1/2 × 1-1/4, 2 × 1, 2 × 1-1/4, 2 × 1-1/2'
const insertInch = '1/2 × 3/8, 3/4 × 1/2, 1 × 1/2, 1 × 3/4'
const copperMetric =
  '15 × 12, 18 × 15, 22 × 15, 22 × 18, 28 × 15, 28 × 22, 35 × 22, 35 × 28, 42 × 28, 42 × 35, 54 × 35, 54 × 42'

/** Reducing couplings, and the tees that they tell. Cemented sizes step as copper tube of the same names does. */
export const reducingSizes: Readonly<Record<string, string>> = {
  'solder:EN 1254-1': `10 × 8, 12 × 10, 15 × 8, 15 × 10, ${copperMetric}`,
  'press-metal:EN 1254-7': copperMetric,
  'push-fit:plastic body, metric': '15 × 10, 22 × 15, 28 × 22',
  'compression:EN 1254-2': '10 × 8, 12 × 10, 15 × 8, 15 × 10, 15 × 12, 22 × 15, 28 × 22',
  'solder:ASME B16.22': copperInch,
  'press-metal:ASME B16.51': copperInch,
  'crimp:ASTM F1807': insertInch,
  'clamp:ASTM F2098': insertInch,
  'expansion:ASTM F1960': insertInch,
  'push-fit:metal body, CTS': '1/2 × 3/8, 3/4 × 1/2, 1 × 3/4',
  'press-multilayer:EN ISO 21003':
    '18 × 16, 20 × 16, 20 × 18, 25 × 20, 26 × 16, 26 × 20, 32 × 20, 32 × 25, 32 × 26',
  'fusion:EN ISO 15874': '25 × 20, 32 × 20, 32 × 25, 40 × 25, 40 × 32',
  'compression-pe:EN 12201 mechanical': '25 × 20, 32 × 20, 32 × 25, 40 × 32, 50 × 40, 63 × 50',
  'solvent:CPVC, ASTM D2846': copperInch,
  'solvent:PVC, ASTM D2466': copperInch,
}

const insertWithSolder = '1/2 × 1/2, 3/4 × 3/4, 1 × 1, 3/4 × 1/2, 1/2 × 3/4'
const insertWithPress = '1/2 × 1/2, 3/4 × 3/4, 1 × 1'
const multilayerWithCopper = '16 × 15, 18 × 15, 20 × 15, 20 × 18, 20 × 22, 25 × 22, 26 × 22, 26 × 28, 32 × 28'

/** Bodies of two methods, by the two: sizes in the order of the two. What stands in no line is made by nobody. */
export const mixedSizes: Readonly<Record<string, string>> = {
  'crimp + solder': insertWithSolder,
  'clamp + solder': insertWithSolder,
  'expansion + solder': insertWithSolder,
  'crimp + press-metal': insertWithPress,
  'clamp + press-metal': insertWithPress,
  'expansion + press-metal': insertWithPress,
  'press-multilayer + press-metal': multilayerWithCopper,
  'press-multilayer + solder': multilayerWithCopper,
  'compression + compression-pe': '15 × 20, 15 × 25, 22 × 25, 28 × 32',
  'press-multilayer + compression': '14 × 14, 16 × 16, 20 × 20, 25 × 25, 26 × 26, 32 × 32, 16 × 15',
}

/** Pipe that an angle stop is made for: its outlet is a half-inch thread, an end like its own, or a supply tube. */
export const angleStopSizes: ReadonlySet<string> = new Set(['15', '16', '1/2', '5/8'])

/** Where a system has bodies with a thread for some of its sizes alone, and these are adapters: pipe × thread. */
export const threadedAdapterSizes: Readonly<Record<string, string>> = {
  'fusion:EN ISO 15874': '20 × 1/2, 25 × 1/2, 25 × 3/4, 32 × 1',
}

/** Systems whose tees are reduced at the branch alone. */
export const wholeRunTees: ReadonlySet<string> = new Set(['fusion:EN ISO 15874'])

/** Brass with one thread of each system. */
export const betweenSystemsSizes: ReadonlySet<string> = new Set(['1/2', '3/4'])

/** The thread that the counter hands over first, by the outside diameter that it goes up to: by the bore, not the name. */
export const threadBeside = {
  copper: { 18: '1/2', 23: '3/4', 29: '1', 36: '1-1/4', 43: '1-1/2', 64: '2' },
  plastic: { 20: '1/2', 26: '3/4', 32: '1', 40: '1-1/4', 50: '1-1/2', 63: '2' },
} as const
