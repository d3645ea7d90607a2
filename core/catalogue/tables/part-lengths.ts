import type { MethodId } from '../../methods/ids'

/** By the pipe's outside diameter D in mm: `a × D + b` mm. */
type ByDiameter = readonly [a: number, b: number]

/** Lengths of a part by the method of its end, with their tolerance in mm; all typical. */
interface PartLengths {
  readonly tolerance: number
  readonly by: Readonly<Partial<Record<MethodId, ByDiameter>>>
}

/** Insert fittings of both rings are one fitting. */
const insert = (at: ByDiameter): { readonly crimp: ByDiameter; readonly clamp: ByDiameter } => ({ crimp: at, clamp: at })

/** A ball or stop valve, from its middle to where the pipe stops. */
export const valveLengths: PartLengths = {
  tolerance: 6,
  by: {
    solder: [0.55, 12],
    'press-metal': [0.75, 18],
    'press-multilayer': [0.7, 20],
    ...insert([0.55, 18]),
    expansion: [0.6, 20],
    'push-fit': [0.9, 12],
    compression: [0.5, 10],
    'compression-pe': [0.8, 25],
    solvent: [0.7, 14],
    thread: [0.6, 14],
    fusion: [0.6, 15],
  },
}

/** An angle stop, from the axis of its outlet to where the pipe stops. */
export const angleStopLengths: PartLengths = {
  tolerance: 6,
  by: {
    solder: [0.6, 10],
    'press-metal': [0.75, 16],
    'press-multilayer': [0.7, 18],
    ...insert([0.6, 16]),
    expansion: [0.6, 18],
    'push-fit': [0.9, 10],
    compression: [0.5, 10],
    thread: [0.6, 12],
  },
}

/** A union, made up, from its middle to where the pipe stops. */
export const unionLengths: PartLengths = {
  tolerance: 5,
  by: {
    solder: [0.3, 8],
    'press-metal': [0.4, 12],
    'press-multilayer': [0.4, 14],
    ...insert([0.35, 12]),
    expansion: [0.35, 14],
    'push-fit': [0.5, 12],
    'compression-pe': [0.5, 15],
    solvent: [0.4, 10],
    thread: [0.4, 10],
    fusion: [0.4, 10],
  },
}

/** A reducer, converter or mixed coupling, whole, from stop to stop: D is the larger less the smaller diameter. */
export const reducerLengths: PartLengths = {
  tolerance: 3,
  by: {
    solder: [0.3, 2],
    'press-metal': [0.3, 10],
    'press-multilayer': [0.3, 12],
    ...insert([0.3, 6]),
    expansion: [0.3, 7],
    'push-fit': [0.3, 6],
    compression: [0.3, 6],
    'compression-pe': [0.4, 8],
    solvent: [0.25, 3],
    thread: [0.3, 6],
    fusion: [0.25, 3],
  },
}

/** The pipe end of an elbow that is screwed to the wall, to the axis of its thread. */
export const wallElbowLengths: PartLengths = {
  tolerance: 4,
  by: {
    solder: [0.7, 4],
    'press-metal': [0.95, 7],
    'press-multilayer': [0.8, 9],
    ...insert([0.55, 8]),
    expansion: [0.6, 9],
    'push-fit': [0.95, 8],
    compression: [0.6, 8],
    'compression-pe': [0.9, 14],
    solvent: [0.6, 6],
    thread: [0.7, 8],
    fusion: [0.6, 4],
  },
}
/** Its thread end: from the axis of its pipe end to the mouth of the thread, whatever the method. */
export const wallElbowThread: { readonly at: ByDiameter; readonly tolerance: number } = { at: [0.5, 14], tolerance: 4 }

/** A male adapter, from the pipe's stop to the mouth of the female that it is screwed into. */
export const maleAdapterLengths: PartLengths = {
  tolerance: 4,
  by: {
    solder: [0.25, 7],
    'press-metal': [0.3, 10],
    'press-multilayer': [0.4, 11],
    ...insert([0.25, 10]),
    expansion: [0.3, 11],
    'push-fit': [0.4, 11],
    compression: [0.25, 9],
    'compression-pe': [0.5, 16],
    solvent: [0.15, 9],
    fusion: [0.7, 14],
  },
}

/** A female adapter, from the pipe's stop to the end of the male inside it. */
export const femaleAdapterLengths: PartLengths = {
  tolerance: 4,
  by: {
    solder: [0.25, 4],
    'press-metal': [0.3, 7],
    'press-multilayer': [0.4, 8],
    ...insert([0.25, 7]),
    expansion: [0.3, 8],
    'push-fit': [0.4, 8],
    compression: [0.25, 6],
    'compression-pe': [0.5, 12],
    solvent: [0.15, 5],
    fusion: [0.3, 9],
  },
}

/** A straight tap connector with a swivel nut, from the pipe's stop to the washer's face. */
export const swivelLengths: PartLengths = {
  tolerance: 4,
  by: {
    solder: [0.2, 10],
    'press-metal': [0.3, 14],
    ...insert([0.25, 14]),
    expansion: [0.3, 15],
    'push-fit': [0.4, 14],
    compression: [0.25, 12],
  },
}

/** A slip coupling, what its whole length has beyond two depths, in mm. */
export const slipLengths: PartLengths = {
  tolerance: 3,
  by: {
    solder: [0, 2],
    'press-metal': [0, 6],
    'push-fit': [0, 4],
    compression: [0, 4],
    'compression-pe': [0, 6],
  },
}
