<script setup lang="ts">
import { useLogStore } from '~/stores/log'

/** Parts issued, used and left over: of inserts and rings above all, issued less used and left is nought, or one was missed. */
const { plan } = useOpenJob()
const log = useLogStore()
const { say } = useWords()
const isNamed = computed(() => log.who.trim() !== '')
const kinds = [
  { value: 'part-issued', label: 'issued' },
  { value: 'part-used', label: 'used' },
  { value: 'part-left', label: 'left over' },
] as const
const kind = ref<(typeof kinds)[number]['value']>('part-issued')
const planned = computed(() => [...plan.value.sundries, ...plan.value.fittings])
const items = computed(() => planned.value.map(({ item, label }) => ({ value: item, label: say.value.trade(label) })))
const chosen = ref('')
const part = computed(() => planned.value.find(({ item }) => item === chosen.value) ?? planned.value[0])
const count = ref<number | undefined>()
const counted = computed(() => count.value ?? part.value?.count)
const tallies = computed(() => log.state?.parts ?? [])
function write(): void {
  if (counted.value === undefined || !part.value) return
  const { item, label } = part.value
  log.write({ kind: kind.value, subject: {}, body: { item, label, count: counted.value } }, 'parts counted')
  count.value = undefined
}
</script>

<template>
  <details v-if="planned.length">
    <summary class="min-h-11 cursor-pointer py-2">Issued, used, left over</summary>
    <form class="flex flex-wrap items-end gap-3" aria-label="Parts counted" @submit.prevent="write">
      <Choice
        label="Part"
        class="w-56"
        :items="items"
        :model-value="part?.item ?? ''"
        @update:model-value="(v) => (chosen = v)"
      />
      <Choice v-model="kind" label="Was" class="w-32" :items="kinds" />
      <NumberField
        :key="part?.item"
        label="How many"
        class="w-24"
        whole
        :least="1"
        :most="10000"
        :model-value="counted"
        @update:model-value="(v) => (count = v)"
      />
      <WhoField v-if="!isNamed" class="w-40" />
      <PushButton type="submit" :disabled="!isNamed || counted === undefined" label="Add note" />
      <WhyNot :wants="!isNamed ? 'Type your name first.' : counted === undefined ? 'Type how many.' : ''" />
    </form>
    <ul class="ruled mt-2 border-y border-(--ui-border)">
      <li v-for="tally in tallies" :key="tally.item" class="flex flex-wrap gap-x-4 py-1">
        <span class="min-w-0 flex-1 basis-40">{{ say.trade(tally.label) }}</span>
        <span>{{ tally.issued }} issued, {{ tally.used }} used, {{ tally.left }} left</span>
        <span v-if="tally.missing > 0" class="font-semibold text-(--ui-warning)"
          >{{ tally.missing }} not accounted for</span
        >
        <span v-else-if="tally.missing < 0" class="font-semibold text-(--ui-warning)">
          {{ -tally.missing }} more than issued
        </span>
      </li>
    </ul>
  </details>
</template>
