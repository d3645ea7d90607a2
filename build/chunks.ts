interface Modules {
  readonly getModuleIds: () => Iterable<string>
  readonly getModuleInfo: (id: string) => { readonly isEntry: boolean; readonly importedIds: readonly string[] } | null
}

/** What reads a file or an answer: zod, and what says what is wrong in one. */
const isOfReading = (id: string): boolean =>
  /node_modules\/zod\/|core\/quantity\/(safe-read|words\/field-problem)\.ts$/.test(id)
/** So small that a bundler joins them to what opens beside them, which then comes with every page. */
const isSmall = (id: string): boolean => /\/components\/figure\/(LongList|Readout)\.vue$/.test(id)
const isOurs = (id: string): boolean => /\/(app|core)\//.test(id) && !id.includes('/node_modules/')

const isIn = (pages: RegExp) => (id: string) => pages.test(id.split('/app/')[1] ?? '')
const isLayout = isIn(/^layouts\/default\.vue$/)
/** What stands around every step of a job. */
const isJob = isIn(/^pages\/jobs\/\[id\]\.vue$/)
/** Pages that open no job. */
const isApart = isIn(/^pages\/(?!jobs\/|day|begin\/).*\.vue$/)

/** All that these modules and what they import need from the start. */
function neededBy(are: (id: string) => boolean, { getModuleIds, getModuleInfo }: Modules): ReadonlySet<string> {
  const needed = new Set<string>()
  const next = [...getModuleIds()].filter(are)
  for (let id = next.pop(); id !== undefined; id = next.pop()) {
    if (needed.has(id)) continue
    needed.add(id)
    next.push(...(getModuleInfo(id)?.importedIds ?? []))
  }
  return needed
}

const needs = (modules: Modules) => ({
  entry: neededBy((id) => modules.getModuleInfo(id)?.isEntry ?? false, modules),
  layout: neededBy(isLayout, modules),
  job: neededBy(isJob, modules),
  apart: neededBy(isApart, modules),
})

/**
 * Names the chunk of a module: what every page needs, and what the steps of a job alone need, come in one piece each.
 * Left alone, a bundler makes a chunk for each set of pages that share a module, and a page asks for seventy of them,
 * each with a way there and back of its own on a slow line.
 */
export function chunkNames(): (id: string, modules: Modules) => string | undefined {
  let needed: ReturnType<typeof needs> | undefined
  return (id, modules) => {
    if (isOfReading(id)) return 'reading'
    if (isSmall(id)) return 'controls'
    if (!isOurs(id)) return undefined
    needed ??= needs(modules)
    if (needed.entry.has(id)) return undefined
    if (needed.layout.has(id)) return 'base'
    return needed.job.has(id) && !needed.apart.has(id) ? 'job' : undefined
  }
}
