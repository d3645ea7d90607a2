import { expose } from 'comlink'
import { assemblyOrder } from '~~/core/make/assembly/order'

const assemblyWorker = { order: assemblyOrder }
export type AssemblyWorker = typeof assemblyWorker

expose(assemblyWorker)
