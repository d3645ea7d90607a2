const lockOf = (tab: string): string => `jolvet-tab-${tab}`

/** What the tab's storage gives, or nothing where it is full or blocked: a page works with the server alone. */
function stored<Result>(ask: () => Result): Result | null {
  try {
    return ask()
  } catch {
    return null
  }
}

/** This tab's name: it outlives a reload, and a second tab has another. */
function tabName(): string {
  const known = stored(() => sessionStorage.getItem('jolvet-tab'))
  if (known) return known
  const made = crypto.randomUUID()
  stored(() => sessionStorage.setItem('jolvet-tab', made))
  return made
}

/** So long the page that was reloaded may take to let its name go. */
const patience = 500

/**
 * Holds the tab's name for as long as the tab lives. A duplicated tab copies the name:
 * it finds the lock taken and gets a name of its own.
 */
async function claim(): Promise<string> {
  const isFree = (tab: string): Promise<boolean> =>
    new Promise((resolve) => {
      Promise.resolve(
        navigator.locks?.request(lockOf(tab), { signal: AbortSignal.timeout(patience) }, () => {
          resolve(true)
          return new Promise(() => {})
        }),
      ).catch(() => resolve(false))
    })
  const name = tabName()
  if (await isFree(name)) return name
  stored(() => sessionStorage.removeItem('jolvet-tab'))
  const fresh = tabName()
  await isFree(fresh)
  return fresh
}

let claimed: Promise<string> | undefined
/** The name that this tab holds. */
export const claimTab = (): Promise<string> => (claimed ??= claim())

/** Tells of a tab's name whether a tab that is open holds it. */
export async function openTabs(): Promise<(tab: string) => boolean> {
  // Where the browser has no locks, it keeps no drafts either.
  const { held = [] } = await Promise.resolve(navigator.locks?.query() ?? {}).catch((): LockManagerSnapshot => ({}))
  const names = new Set(held.map(({ name }) => name))
  return (tab) => names.has(lockOf(tab))
}
