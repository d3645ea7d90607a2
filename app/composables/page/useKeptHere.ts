import { readJob } from '~~/core/job/read-job'
import { useCatalogueStore } from '~/stores/catalogue'
import type { DraftRow } from '~/sync/browser-database'
import { countCopies, dropCopies } from '~/sync/copies'
import { allDrafts, dropDraft } from '~/sync/job/drafts'
import { claimTab, openTabs } from '~/sync/tab'

/** What this browser keeps of jobs: text that the server does not have yet, and copies for when it does not answer. */
export function useKeptHere() {
  const own = useCatalogueStore()
  const rows = shallowRef<readonly (DraftRow & { readonly isOpenElsewhere: boolean })[]>([])
  const copies = ref(0)

  async function look(): Promise<void> {
    const [drafts, isOpen, mine, count] = await Promise.all([allDrafts(), openTabs(), claimTab(), countCopies()])
    rows.value = drafts.map((row) => ({ ...row, isOpenElsewhere: row.tab !== mine && isOpen(row.tab) }))
    copies.value = count
  }
  onMounted(look)
  useRefreshing(look)

  const drafts = computed(() =>
    rows.value.map((row) => {
      const read = readJob(row.draft.job, own.catalogue)
      const file = JSON.stringify(row.draft.job, null, 2)
      return { ...row, title: row.draft.job.title || 'Untitled', isReadable: read.ok, file }
    }),
  )
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
