/** The ways of joining pipe, in the order in which they are listed. */
export const methodIds = [
  'solder',
  'press-metal',
  'press-multilayer',
  'crimp',
  'clamp',
  'expansion',
  'push-fit',
  'compression',
  'compression-pe',
  'solvent',
  'thread',
  'fusion',
] as const
export type MethodId = (typeof methodIds)[number]
