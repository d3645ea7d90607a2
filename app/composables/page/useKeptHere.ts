import type { DraftRow } from '~/sync/browser-database'
import { countCopies, dropCopies } from '~/sync/copies'
import { allDrafts, dropDraft } from '~/sync/job/drafts'
import { claimTab, openTabs } from '~/sync/tab'

interface Kept extends DraftRow {
  readonly isOpenElsewhere: boolean
  readonly title: string
  readonly isReadable: boolean
  /** The job file's text. */
  readonly file: string
}

/** Whether this program reads a draft's text; what reads it is fetched only where there is one. */
async function readable(rows: readonly DraftRow[]): Promise<(row: DraftRow) => boolean> {
  if (rows.length === 0) return () => true
  const [{ readJob }, { useCatalogueStore }] = await Promise.all([
    import('~~/core/job/read-job'),
    import('~/stores/catalogue'),
  ])
  const { catalogue } = useCatalogueStore()
  return ({ draft }) => readJob(draft.job, catalogue).ok
}

/** What this browser keeps of jobs: text that the server does not have yet, and copies for when it does not answer. */
export function useKeptHere() {
  const drafts = shallowRef<readonly Kept[]>([])
  const copies = ref(0)

  async function look(): Promise<void> {
    const [rows, isOpen, mine, count] = await Promise.all([allDrafts(), openTabs(), claimTab(), countCopies()])
    const isReadable = await readable(rows)
    drafts.value = rows.map((row) => ({
      ...row,
      isOpenElsewhere: row.tab !== mine && isOpen(row.tab),
      title: row.draft.job.title || 'Untitled',
      isReadable: isReadable(row),
      file: JSON.stringify(row.draft.job, null, 2),
    }))
    copies.value = count
  }
  onMounted(look)
  useRefreshing(look)

  async function free({ job, tab }: DraftRow): Promise<void> {
    await dropDraft(job, tab)
    await look()
  }
  async function freeCopies(): Promise<void> {
    await dropCopies()
    await look()
  }
  return { drafts, copies, free, freeCopies }
}
