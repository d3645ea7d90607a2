<script setup lang="ts">
import type { BendingMethod } from '~~/core/materials/material'
import type { MethodId } from '~~/core/methods/ids'
import type { Pipe } from '~~/core/catalogue/pipe'
import { cornerChoice } from '~~/core/plan/corner'
import { useCatalogueStore } from '~/stores/catalogue'

/** One corner, bent or made with an elbow: what each costs in room, joints and time. */
const props = defineProps<{ pipe: Pipe; angle: number; radius: number; bending: BendingMethod; prefer?: MethodId }>()
const own = useCatalogueStore()
const { length, tell } = useWords()
const { costs, money } = useMoney()
const { methodName } = useMethods()
const choice = computed(() => cornerChoice(own.catalogue, props.pipe, props, costs.value))
const rows = computed(() => {
  const { bend, elbow } = choice.value
  return [
    { what: 'Room to straight pipe', bend: length(bend.room), elbow: length(elbow.room) },
    { what: 'Joints', bend: String(bend.joints), elbow: String(elbow.joints) },
    { what: 'Minutes, typical', bend: String(bend.minutes), elbow: String(elbow.minutes) },
    { what: 'Work and fitting', bend: money(bend.cost), elbow: money(elbow.cost) },
  ]
})
</script>

<template>
  <div class="space-y-2">
    <table class="w-full text-left" aria-label="Bend against elbow">
      <thead>
        <tr class="label">
          <th></th>
          <th class="text-right">Bend, {{ length(radius) }}</th>
          <th class="text-right">Elbow{{ choice.method ? `, ${methodName(choice.method).toLowerCase()}` : '' }}</th>
        </tr>
      </thead>
      <tbody class="ruled">
        <tr v-for="row in rows" :key="row.what">
          <td>{{ row.what }}</td>
          <td class="text-right font-semibold">{{ row.bend }}</td>
          <td class="text-right font-semibold">{{ row.elbow }}</td>
        </tr>
      </tbody>
    </table>
    <p v-if="choice.verdict.verdict !== 'fits'" class="flex items-start gap-2">
      <VerdictMark :verdict="choice.verdict.verdict" /><span>{{ tell(choice.verdict) }}</span>
    </p>
  </div>
</template>
