<script setup lang="ts">
import type { Pipe } from '~~/core/catalogue/pipe'
import type { Node, Run } from '~~/core/job/job'
import { join } from '~~/core/join/join'
import { useCatalogueStore } from '~/stores/catalogue'
import { useWorkshopStore } from '~/stores/workshop'

/** The pipe changes at a node: the fittings that join the two, found by search; one is chosen. */
const props = defineProps<{ run: Run; node: Node; from: Pipe; to: Pipe }>()
const emit = defineEmits<{ change: [change: Partial<Omit<Node, 'id'>>] }>()
const { job } = useOpenJob()
const own = useCatalogueStore()
const workshop = useWorkshopStore()
const { money } = useMoney()
const answer = computed(() =>
  join(
    own.catalogue,
    { a: props.from, b: props.to },
    {
      service: props.run.service,
      place: { ...job.value.place, ...props.run.place },
      conditionA: {},
      conditionB: {},
      profile: job.value.profile,
      changes: job.value.own?.changes,
      tools: job.value.tools,
    },
    workshop.costs,
  ),
)
const isChosen = (fittings: readonly { readonly label: string }[]) =>
  props.node.chain?.fittings.join() === fittings.map(({ label }) => label).join()
function choose({ fittings, joints }: (typeof answer.value.chains)[number]): void {
  const [first, last] = [joints[0], joints.at(-1)]
  if (!first || !last) return
  emit('change', {
    chain: { fittings: fittings.map(({ label }) => label), joints: [first.method, last.method] },
    // What was measured on another fitting does not hold for this one.
    ...(isChosen(fittings) ? {} : { measured: undefined, fitting: undefined, method: undefined }),
  })
}
</script>

<template>
  <section aria-label="What joins the two pipes here">
    <p class="field-label">The pipe changes here: {{ from.label.split(' · ')[0] }} to {{ to.label.split(' · ')[0] }}</p>
    <p v-if="answer.none" class="text-(--ui-warning)">{{ answer.none }}</p>
    <ul class="ruled">
      <li v-for="chain in answer.chains" :key="chain.fittings.map(({ id }) => id).join()">
        <button
          type="button"
          class="flex min-h-11 w-full items-center gap-2 py-1 text-left"
          :aria-pressed="isChosen(chain.fittings)"
          @click="choose(chain)"
        >
          <UIcon
            :name="isChosen(chain.fittings) ? 'i-lucide-circle-check' : 'i-lucide-circle'"
            class="size-4 shrink-0"
          />
          <span class="flex-1">{{ chain.fittings.map(({ label }) => label).join(' + ') }}</span>
          <span class="text-sm text-muted">{{ Math.round(chain.minutes) }} min, {{ money(chain.cost) }}</span>
        </button>
      </li>
    </ul>
  </section>
</template>
