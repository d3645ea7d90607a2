/** How far from the pipe's end the ring of a crimped or clamped joint stands, in mm: 1/8 to 1/4 in (ASTM F1807, F2098). */
export const ringPlace = { least: 3, most: 6 } as const
