/** Finished outside diameter of a copper crimp ring, least and most, in inches (ASTM F1807). */
export const crimpGauge: Readonly<Record<string, readonly [number, number]>> = {
  '3/8': [0.58, 0.595],
  '1/2': [0.7, 0.715],
  '3/4': [0.945, 0.96],
  '1': [1.175, 1.19],
}
