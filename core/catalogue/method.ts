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
] as const
export type MethodId = (typeof methodIds)[number]

export interface Method {
  readonly id: MethodId
  readonly name: string
  /** What a fitting of this method is called beside its size: a 22 solder elbow. */
  readonly fitting: string
  /** A flame is used. */
  readonly hot: boolean
  /** It comes apart again without cutting. */
  readonly demountable: boolean
  /** What must be in the van beyond saw, reamer and marker. */
  readonly tool: string
  /** Minutes a joint, cutting and cleaning included; typical, until the user times it. */
  readonly minutes: number
}

/** The ways of joining, with what a plumber weighs them by. Minutes are made-up defaults, not measured. */
export const methods: Readonly<Record<MethodId, Method>> = {
  solder: {
    id: 'solder',
    name: 'Solder',
    fitting: 'solder',
    hot: true,
    demountable: false,
    tool: 'torch, heat mat',
    minutes: 5,
  },
  'press-metal': {
    id: 'press-metal',
    name: 'Press, metal',
    fitting: 'press',
    hot: false,
    demountable: false,
    tool: 'press tool and jaw',
    minutes: 2,
  },
  'press-multilayer': {
    id: 'press-multilayer',
    name: 'Press, multilayer',
    fitting: 'multilayer press',
    hot: false,
    demountable: false,
    tool: 'press tool, multilayer jaw, calibrator',
    minutes: 2,
  },
  crimp: {
    id: 'crimp',
    name: 'Crimp ring',
    fitting: 'crimp',
    hot: false,
    demountable: false,
    tool: 'crimp tool and gauge',
    minutes: 3,
  },
  clamp: {
    id: 'clamp',
    name: 'Pinch clamp',
    fitting: 'clamp',
    hot: false,
    demountable: false,
    tool: 'clamp tool',
    minutes: 3,
  },
  expansion: {
    id: 'expansion',
    name: 'Cold expansion',
    fitting: 'expansion',
    hot: false,
    demountable: false,
    tool: 'expander and head',
    minutes: 4,
  },
  'push-fit': {
    id: 'push-fit',
    name: 'Push-fit',
    fitting: 'push-fit',
    hot: false,
    demountable: true,
    tool: 'no tool',
    minutes: 2,
  },
  compression: {
    id: 'compression',
    name: 'Compression, olive',
    fitting: 'compression',
    hot: false,
    demountable: true,
    tool: 'two spanners',
    minutes: 6,
  },
  'compression-pe': {
    id: 'compression-pe',
    name: 'Compression, PE',
    fitting: 'PE compression',
    hot: false,
    demountable: true,
    tool: 'two grips',
    minutes: 6,
  },
  solvent: {
    id: 'solvent',
    name: 'Solvent cement',
    fitting: 'solvent',
    hot: false,
    demountable: false,
    tool: 'cement and primer',
    minutes: 4,
  },
  thread: {
    id: 'thread',
    name: 'Thread',
    fitting: 'thread',
    hot: false,
    demountable: true,
    tool: 'two wrenches',
    minutes: 10,
  },
}

/**
 * The least share of its whole depth at which a joint of a method still seals and holds; typical. What stands on a barb,
 * or past a seal and a grip, must be all but home.
 */
export const leastShare: Readonly<Record<MethodId, number>> = {
  solder: 0.8,
  'press-metal': 0.9,
  'press-multilayer': 0.95,
  crimp: 0.95,
  clamp: 0.95,
  expansion: 0.95,
  'push-fit': 0.9,
  compression: 0.8,
  'compression-pe': 0.9,
  solvent: 0.8,
  thread: 0.8,
}
