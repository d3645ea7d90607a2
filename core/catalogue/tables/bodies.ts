import type { ThreadSize } from '../thread-size'

/** [malleable elbow or tee EN 10242, class 150 elbow or tee ASME B16.3: centre to end, NPT taken up wrench-tight], in mm */
export const threadedBodies: Readonly<Record<ThreadSize, readonly [malleable: number, class150: number, up: number]>> = {
  '1/2': [28, 28.5, 13],
  '3/4': [33, 33.3, 14],
  '1': [38, 38.1, 17],
  '1-1/4': [45, 44.5, 18],
  '1-1/2': [50, 49.3, 18],
  '2': [58, 57.2, 19],
}

/** Male end of a 90° elbow with one male and one female thread: [malleable EN 10242, class 150 ASME B16.3] centre to end, in mm; typical, ± 3. */
export const streetElbows: Readonly<Record<ThreadSize, readonly [malleable: number, class150: number]>> = {
  '1/2': [37, 41.4],
  '3/4': [43, 48],
  '1': [52, 54.4],
  '1-1/4': [60, 62.2],
  '1-1/2': [65, 68.3],
  '2': [74, 82.8],
}

/** Elbows of PVC (ASTM D2466) and CPVC (ASTM D2846): [90, 45], centre to stop in mm; typical, ± 2. */
export const cementedElbows: Readonly<
  Record<'PVC, ASTM D2466' | 'CPVC, ASTM D2846', Readonly<Record<ThreadSize, readonly [square: number, half: number]>>>
> = {
  'PVC, ASTM D2466': {
    '1/2': [13, 6.5],
    '3/4': [14.5, 8],
    '1': [17.5, 8],
    '1-1/4': [22, 9.5],
    '1-1/2': [25.5, 11],
    '2': [32, 16],
  },
  'CPVC, ASTM D2846': {
    '1/2': [10, 5],
    '3/4': [13, 6],
    '1': [16, 7.5],
    '1-1/4': [20, 9],
    '1-1/2': [23.5, 10.5],
    '2': [30, 13],
  },
}
