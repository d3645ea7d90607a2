import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'
import type { Booking, Cutting, RackOffcut } from '~~/core/cut/rack'
import type { Newest } from '~/sync/newest'
import { readCuttings, readOffcuts } from '~/sync/server'
import { useOutboxStore } from '~/stores/outbox'

const isOther = (known: unknown, found: unknown): boolean => JSON.stringify(known) !== JSON.stringify(found)

/** The rack of offcuts, and what was cut for the job that is open; what is booked counts before the server has it. */
export const useRackStore = defineStore('rack', () => {
  const outbox = useOutboxStore()
  const job = ref('')
  const savedOffcuts = shallowRef<readonly RackOffcut[]>([])
  const savedCuttings = shallowRef<readonly Cutting[]>([])
  const state = ref<'loading' | 'ready' | 'away'>('loading')
  const problem = ref('')
  /** What the server's rack was known by as it was last read anew. */
  let seen = ''

  const waiting = computed(() => outbox.waitingOf('rack').map(({ body }) => body as Booking))
  const offcuts = computed(() => {
    const taken = new Set(waiting.value.flatMap(({ takes }) => takes))
    return taken.size > 0 ? savedOffcuts.value.filter(({ id }) => !taken.has(id)) : savedOffcuts.value
  })
  const cuttings = computed(() =>
    waiting.value.reduce((cut, { cutting }) => withCutting(cut, cutting), savedCuttings.value),
  )

  function withCutting(cut: readonly Cutting[], cutting: Cutting | undefined): readonly Cutting[] {
    return cutting?.job === job.value ? [...cut.filter(({ pipe }) => pipe !== cutting.pipe), cutting] : cut
  }

  outbox.onAnswer('rack', ({ body }, answer) => {
    problem.value = answer.outcome === 'refused' ? answer.message : ''
    if (answer.outcome === 'refused') return void load(job.value)
    savedOffcuts.value = answer.answer as RackOffcut[]
    savedCuttings.value = withCutting(savedCuttings.value, (body as Booking).cutting)
  })

  async function load(of: string): Promise<void> {
    if (of !== job.value) savedCuttings.value = []
    job.value = of
    const [rack, cut] = await Promise.all([readOffcuts(), readCuttings(of)])
    if (of !== job.value) return
    state.value = rack && cut ? 'ready' : 'away'
    // What is as it was stays the same: nothing is laid out anew for it.
    if (rack && isOther(savedOffcuts.value, rack)) savedOffcuts.value = rack
    if (cut && isOther(savedCuttings.value, cut)) savedCuttings.value = cut
  }

  /** Hears how far the server has come with the job whose cuttings are shown. */
  function hear(of: string, { rack }: Newest): void {
    if (of !== job.value || (rack === seen && state.value === 'ready')) return
    seen = rack
    void load(of)
  }

  /** Books offcuts out and in. @returns whether they were; where one is gone, nothing is booked and the rack is read anew */
  async function book(booking: Booking): Promise<boolean> {
    const says = booking.cutting ? 'a cutting plan' : 'the rack'
    const answer = await outbox.add({ changes: 'rack', says, method: 'POST', path: '/api/rack', body: booking })
    return answer.outcome === 'done'
  }

  return { offcuts, cuttings, state, problem, load, hear, book }
})
