/** The most wraps of tape that a thread takes, by the outside diameter of its pipe in mm; typical. */
export const mostWraps = (od: number): number => (od <= 34 ? 4 : 6)
