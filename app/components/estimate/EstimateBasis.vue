<script setup lang="ts">
import type { Estimate } from '~~/core/estimate/estimate'
import { notInSum } from '~~/core/estimate/estimate-words'
import type { Range } from '~~/core/estimate/range'

/** How an estimate adds up: for whoever makes it, not for the customer. */
const props = defineProps<{ estimate: Estimate; joints: number }>()
const { money } = useMoney()
const { methodName } = useMethods()
const { trade, say } = useWords()
const missing = computed(() => notInSum(props.estimate, say.value))
const minutes = ({ low, high }: Range): string => {
  const [least, most] = [Math.round(low), Math.round(high)]
  return least === most ? `${least} min` : `${least} to ${most} min`
}
const material = computed(() => {
  const { pipe, fittings, small, clips, fixtures } = props.estimate.from.material
  return [
    ['Pipe, by the lengths bought', pipe],
    ['Fittings', fittings],
    [trade('Solder, rings, washers and what else is used up'), small],
    [trade('Clips'), clips],
    ...(fixtures > 0 ? [['What it leads to', fixtures] as const] : []),
  ] as const
})
const labour = computed(() => {
  const { joints, cutting, water, watch, waits } = props.estimate.from.labour
  return [
    ['Joints', joints],
    [trade('Cutting and clipping'), cutting],
    ['Water off and on again, inspecting', water],
    ['Fire watch', watch],
    ['Waiting for what sets or cools', waits],
  ] as const
})
</script>

<template>
  <div class="grid gap-x-8 gap-y-4 sm:grid-cols-2">
    <section aria-label="Material, before the margin">
      <h3 class="label">Material, before the margin</h3>
      <dl class="grid grid-cols-[1fr_auto] gap-x-4">
        <template v-for="[word, amount] in material" :key="word">
          <dt>{{ word }}</dt>
          <dd class="text-right">{{ money(amount) }}</dd>
        </template>
      </dl>
      <p v-if="missing" class="text-(--ui-warning)">{{ missing }}</p>
    </section>
    <section aria-label="Minutes of work">
      <h3 class="label">Minutes of work</h3>
      <dl class="grid grid-cols-[1fr_auto] gap-x-4">
        <template v-for="[word, range] in labour" :key="word">
          <dt>{{ word }}</dt>
          <dd class="text-right">{{ range ? minutes(range) : 'not known' }}</dd>
        </template>
      </dl>
      <p>{{ estimate.from.labour.taken }} of {{ joints }} joints by the minutes that they really took.</p>
      <p v-if="estimate.from.hired.length">
        {{ trade('Tool hired for') }}: {{ estimate.from.hired.map(methodName).join(', ') }}.
      </p>
    </section>
  </div>
</template>
