import type { KeptDraft } from './save-loop'

/** What this browser keeps of a job until the server has acknowledged it. */
export interface Draft {
  /** The version that the draft was made from. */
  readonly version: number
  readonly job: unknown
  /** The job in that version, and what was under way; drafts of an older program have neither. */
  readonly base?: unknown
  readonly attempt?: { readonly job: unknown; readonly version: number; readonly key: string } | null
}

const prefix = 'jolvet-draft'
const lockOf = (tab: string): string => `jolvet-tab-${tab}`

/** This tab's name: it outlives a reload, and a second tab has another. */
function tabName(): string {
  const known = stored(() => sessionStorage.getItem('jolvet-tab'))
  if (known) return known
  const made = crypto.randomUUID()
  stored(() => sessionStorage.setItem('jolvet-tab', made))
  return made
}

/**
 * Holds the tab's name for as long as the tab lives. A duplicated tab copies the name:
 * it finds the lock taken and gets a name of its own.
 */
export async function claimTab(): Promise<string> {
  const claim = (tab: string): Promise<boolean> =>
    new Promise((resolve) => {
      void navigator.locks.request(lockOf(tab), { ifAvailable: true }, (lock) => {
        resolve(lock !== null)
        return lock ? new Promise(() => {}) : undefined
      })
    })
  const name = tabName()
  if (await claim(name)) return name
  stored(() => sessionStorage.removeItem('jolvet-tab'))
  const fresh = tabName()
  await claim(fresh)
  return fresh
}

const keyOf = (job: string, tab: string): string => `${prefix}:${job}:${tab}`

/** What the browser's storage gives, or nothing where it is full or blocked: a page works with the server alone. */
function stored<Result>(ask: () => Result): Result | null {
  try {
    return ask()
  } catch {
    return null
  }
}

/** @returns whether there was room for it */
export function keepDraft(id: string, tab: string, draft: KeptDraft): boolean {
  const text = JSON.stringify(draft)
  return stored(() => (localStorage.setItem(keyOf(id, tab), text), true)) ?? false
}

export function dropDraft(id: string, tab: string): void {
  stored(() => localStorage.removeItem(keyOf(id, tab)))
}

function readDraft(key: string): Draft | null {
  try {
    const draft = JSON.parse(localStorage.getItem(key) ?? 'null') as Partial<Draft> | null
    return draft && typeof draft.version === 'number' && draft.job ? (draft as Draft) : null
  } catch {
    return null
  }
}

/** The draft that this tab, or a tab that is no more, left of a job; a live tab's draft is its own. */
export async function adoptDraft(id: string, tab: string): Promise<Draft | null> {
  const { held = [] } = await navigator.locks.query()
  const alive = new Set(held.map(({ name }) => name))
  const keys = (stored(() => Object.keys(localStorage)) ?? []).filter((key) => key.startsWith(`${prefix}:${id}:`))
  const own = keyOf(id, tab)
  const orphaned = keys.filter((key) => key !== own && !alive.has(lockOf(key.split(':')[2] ?? '')))
  const [key] = [...keys.filter((known) => known === own), ...orphaned]
  if (!key) return null
  const draft = readDraft(key)
  if (key !== own) stored(() => localStorage.removeItem(key))
  return draft
}
