<script setup lang="ts">
import { type System, runOf } from '~~/core/job/system'
import type { Pipe } from '~~/core/catalogue/pipe'
import { chainChosen } from '~~/core/job/chosen'
import type { Job, Node } from '~~/core/job/job'
import { inLine } from '~~/core/join/chains/chain-by-piece'
import { chooseChain } from '~~/core/edit/existing/edit-tie-in'
import { joinLegs } from '~~/core/edit/runs/change-pipe'
import { useCatalogueStore } from '~/stores/catalogue'
import { useWorkshopStore } from '~/stores/workshop'

/** The pipe changes at a node: the fittings that join the two, found by search; one is chosen. */
const props = defineProps<{ system: System; node: Node; from: Pipe; to: Pipe }>()
const emit = defineEmits<{ change: [job: Job] }>()
const { job } = useOpenJob()
const own = useCatalogueStore()
const workshop = useWorkshopStore()
const { money } = useMoney()
const { tell } = useWords()
const answer = computed(() =>
  joinLegs(
    own.catalogue,
    job.value,
    { run: runOf(props.system, props.node), from: props.from.id, to: props.to.id },
    workshop.costs,
  ),
)
type Found = NonNullable<typeof answer.value>['chains'][number]
const chosen = computed(() => chainChosen(props.node)?.fittings.join())
const isChosen = ({ fittings }: Found) => chosen.value === fittings.map(({ id }) => id).join()
const choose = (chain: Found) => emit('change', chooseChain(job.value, props.system.id, props.node.id, chain))
</script>

<template>
  <section aria-label="What joins the two pipes here">
    <p class="label">The pipe changes here: {{ from.label.split(' · ')[0] }} to {{ to.label.split(' · ')[0] }}</p>
    <p v-if="answer?.none" class="text-(--ui-warning)"><SpokenText :text="tell(answer.none)" /></p>
    <ul class="ruled">
      <li v-for="chain in answer?.chains" :key="chain.fittings.map(({ id }) => id).join()">
        <PushButton
          variant="ghost"
          class="w-full justify-start px-1 text-left whitespace-normal"
          :aria-pressed="isChosen(chain)"
          @click="choose(chain)"
        >
          <UIcon :name="isChosen(chain) ? 'i-lucide-circle-check' : 'i-lucide-circle'" class="size-4 shrink-0" />
          <span class="flex-1">{{ inLine(chain).join(' + ') }}</span>
          <span class="text-sm text-muted">{{ Math.round(chain.minutes) }} min, {{ money(chain.cost) }}</span>
        </PushButton>
      </li>
    </ul>
  </section>
</template>
