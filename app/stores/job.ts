import { useEventListener } from '@vueuse/core'
import { defineStore, storeToRefs } from 'pinia'
import { computed } from 'vue'
import type { Job } from '~~/core/job/job'
import { asBuilt } from '~~/core/pipework/as-built'
import { withDirectLengths } from '~~/core/pipework/with-direct-lengths'
import { usePlan } from '~/composables/usePlan'
import { settleConflict, type Choice } from '~/open-job/conflict'
import { editJob } from '~/open-job/editing'
import { followOthers } from '~/open-job/following'
import { holdJob } from '~/open-job/held'
import { jobHistory } from '~/open-job/job-history'
import { jobSaving } from '~/open-job/job-saving'
import { openJob, type NotOpened } from '~/open-job/opening'
import { beginJob } from '~/sync/job/begin-job'
import { keepUnderWay } from '~/sync/job/drafts'
import { keepHistory, takeHistory } from '~/sync/job/history'
import { httpTransport } from '~/sync/job/job-transport'
import { readKept } from '~/sync/job/read-draft'
import { useCatalogueStore } from '~/stores/catalogue'
import { useDecidedStore } from '~/stores/decided'
import { useOutboxStore } from '~/stores/outbox'

/** The job that is open: its text, what follows from it, its history, and whether it is saved. */
export const useJobStore = defineStore('job', () => {
  const own = useCatalogueStore()
  const { job: decided } = storeToRefs(useDecidedStore())
  /** What edits take: as it was decided, each leg without pipe as long as its two fittings make it. */
  const job = computed(() => decided.value && withDirectLengths(own.catalogue, decided.value))
  /** As it will stand, with its short pieces: what is drawn, and what the plan speaks of. */
  const built = computed(() => job.value && asBuilt(own.catalogue, job.value))
  const { plan, isBehind } = usePlan(built, own)

  const held = holdJob(decided)
  const history = jobHistory()
  const read = (text: unknown): Job | null => readKept(text, own.catalogue)
  const isSound = (text: Job): boolean => read(text) !== null
  const { setBegun } = useOutboxStore()
  const saving = jobSaving({ held, history, isSound, setBegun, onOthersSave: () => void refresh() })
  const { refresh, hear } = followOthers({ held, history, saving })

  async function open(wanted: string): Promise<NotOpened | null> {
    const wrong = await openJob(wanted, { history, saving, refresh, read })
    // The history that a reload of this tab left.
    if (!wrong && decided.value) history.recall(takeHistory(sessionStorage, wanted, decided.value, read))
    return wrong
  }

  if (import.meta.client) {
    useEventListener(window, 'pagehide', () => {
      keepUnderWay()
      if (decided.value) keepHistory(sessionStorage, held.id.value, decided.value, history.kept())
    })
  }

  /** Saves what is here as a job of its own. @returns its id, or null when neither server nor browser took it */
  async function saveCopy(): Promise<string | null> {
    if (!decided.value) return null
    const title = `${decided.value.title} (copy)`.slice(0, 200)
    const begun = await beginJob(httpTransport, { ...decided.value, title })
    return begun.outcome === 'begun' ? begun.id : null
  }

  return {
    ...held,
    // As edits take it, not as it was decided.
    job,
    built,
    plan,
    isBehind,
    past: history.past,
    future: history.future,
    ...editJob({ decided, job, history, saving }),
    open,
    hear,
    settleConflict: (choice: Choice) => settleConflict(choice, { held, history, saving }),
    saveCopy,
    close: saving.close,
  }
})
