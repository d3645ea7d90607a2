<script setup lang="ts">
import { handLength } from '~~/core/catalogue/fitting-length'
import { isInLine } from '~~/core/catalogue/fitting'
import { shippedFittings } from '~~/core/catalogue/fittings'
import { partSchema, type Part } from '~~/core/catalogue/part'
import type { PartEnd } from '~~/core/catalogue/part-key'
import { useCatalogueStore } from '~/stores/catalogue'

/** One fitting of the catalogue by its name, as it is in the hand or on its maker's sheet. */
const emit = defineEmits<{ record: [parts: Part[]] }>()
const own = useCatalogueStore()
const { say, length, trade } = useWords()
const { tolerance, basis, by, note, said } = usePartSource()

const fittings = shippedFittings()
const items = computed(() => fittings.map(({ id, label }) => ({ value: id, label: say.value.trade(label) })))
const named = ref<string>()
const fitting = computed(() => fittings.find(({ id }) => id === named.value))
const end = ref<PartEnd>('run')
const mm = ref<number>()
const problem = ref('')
const isTee = computed(() => fitting.value?.kind === 'tee')
const isWhole = computed(() => fitting.value !== undefined && isInLine(fitting.value))
const measure = computed(() => (isWhole.value ? 'From stop to stop' : trade('From its centre to the stop')))
/** What is reckoned with now. */
const now = computed(
  () => fitting.value && handLength(own.catalogue, fitting.value, isTee.value ? end.value : 'either'),
)

function record(): void {
  const read = partSchema.safeParse({
    ...said.value,
    named: named.value,
    end: isTee.value ? end.value : 'either',
    mm: mm.value,
  })
  const issue = read.error?.issues[0]
  problem.value = issue ? `${String(issue.path[0])}: ${issue.message}` : ''
  if (read.data) emit('record', [read.data])
}
</script>

<template>
  <form class="space-y-3" aria-label="Measure a fitting by its name" @submit.prevent="record">
    <h2 class="heading">A fitting by its name</h2>
    <LongList
      v-model="named"
      label="Which fitting"
      :items="items"
      search-placeholder="drop-ear, 22 solder, 3/4 M BSP"
      placeholder="Choose a fitting"
    />
    <div class="grid grid-cols-2 gap-3">
      <LengthField v-model="mm" :label="measure" optional :limits="{ min: 0, max: 500 }" />
      <Choice
        v-if="isTee"
        v-model="end"
        label="Which end"
        :items="[
          { value: 'run', label: 'run' },
          { value: 'branch', label: 'branch' },
        ]"
      />
      <PartSource v-model:tolerance="tolerance" v-model:basis="basis" v-model:by="by" v-model:note="note" />
    </div>
    <p v-if="now" class="text-sm">Used now: {{ length(now.mm) }}, {{ now.basis }}.</p>
    <p v-if="problem" role="alert" class="text-(--ui-error)">{{ problem }}</p>
    <PushButton type="submit" color="primary" variant="solid" :disabled="named === undefined || mm === undefined">
      Record this fitting
    </PushButton>
    <WhyNot :wants="named === undefined ? 'Choose the fitting first.' : mm === undefined ? 'Type its length.' : ''" />
  </form>
</template>
