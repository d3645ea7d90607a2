<script setup lang="ts">
import { useLocalStorage } from '@vueuse/core'
import type { OwnedTool } from '~~/core/workshop/tools'
import type { Profile } from '~~/core/workshop/profile'
import {
  comparedFittings,
  compareMethods,
  costOver,
  hoursOver,
  type ComparedFitting,
  type ComparedMethod,
} from '~~/core/join/compare'
import type { Verdict } from '~~/core/join/verdict'
import { formatWait } from '~~/core/quantity/words/format-duration'

/** The methods that fit, side by side over a number of joints: time, money, heat, skill, and when a tool pays for itself. */
const props = defineProps<{ verdicts: readonly Verdict[]; profile: Profile; tools: readonly OwnedTool[] | undefined }>()
const { costs, currency, money } = useMoney()
const joints = useLocalStorage('jolvet-compare-joints', 20)
const kind = useLocalStorage<ComparedFitting>('jolvet-compare-fitting', 'coupling')
const words: Readonly<Record<ComparedFitting, string>> = { coupling: 'couplings', 'elbow 90': 'elbows', tee: 'tees' }
const kinds = comparedFittings.map((value) => ({ value, label: words[value] }))
const compared = computed(() =>
  compareMethods(props.verdicts, {
    costs: costs.value,
    profile: props.profile,
    tools: props.tools,
    upTo: joints.value,
    kind: kind.value,
  }),
)
const hours = (row: ComparedMethod) => formatWait(Math.round(hoursOver(row, joints.value) * 3600))
const { methodName: name } = useMethods()
</script>

<template>
  <section aria-label="Compare methods">
    <div class="mb-2 flex flex-wrap items-end gap-4">
      <NumberField
        label="Joints"
        :least="1"
        :most="500"
        whole
        class="w-28"
        :model-value="joints"
        @update:model-value="(n) => n && (joints = n)"
      />
      <Choice v-model="kind" label="Of" class="w-36" :items="kinds" />
      <p class="flex-1 basis-60 text-sm text-muted">
        From example prices until you set your own in
        <NuxtLink to="/bench/costs" class="underline">Tools and prices</NuxtLink>. A tool is counted once, a fire watch
        once for each day of hot work.
      </p>
    </div>
    <p v-if="compared.rows.length === 0">Nothing to compare: every method is refused here.</p>
    <div v-else class="grid gap-4 xl:grid-cols-[minmax(0,3fr)_minmax(0,2fr)]">
      <div class="overflow-x-auto">
        <table class="w-full min-w-[46rem] text-left [&_td]:px-1.5 [&_th]:px-1.5">
          <thead>
            <tr class="label align-bottom">
              <th>Method</th>
              <th class="text-right">{{ joints }} joints</th>
              <th class="text-right">A joint</th>
              <th class="text-right">Fitting</th>
              <th class="text-right">Sundries</th>
              <th class="text-right">min</th>
              <th class="text-right">Total</th>
              <th class="text-right">Tool to buy</th>
              <th class="text-right">Watch</th>
              <th>Skill</th>
              <th>Apart</th>
            </tr>
          </thead>
          <tbody class="ruled">
            <tr v-for="row in compared.rows" :key="row.method">
              <td class="py-2 whitespace-nowrap">
                <span class="font-label text-lg font-semibold">{{ name(row.method) }}</span>
                <VerdictMark v-if="row.verdict !== 'fits'" :verdict="row.verdict" class="ml-2" />
              </td>
              <td class="text-right font-label text-lg font-semibold">
                {{ money(costOver(row, joints, costs)) }}
              </td>
              <td class="text-right">{{ money(row.each) }}</td>
              <td class="text-right">{{ money(row.fitting) }}</td>
              <td class="text-right">{{ money(row.consumables) }}</td>
              <td class="text-right">{{ row.minutes }}</td>
              <td class="text-right font-semibold whitespace-nowrap">{{ hours(row) }}</td>
              <td class="text-right">{{ row.tool ? money(row.tool) : 'none' }}</td>
              <td class="text-right">{{ row.watch ? `${row.watch} min` : 'none' }}</td>
              <td>{{ row.skill }}</td>
              <td>{{ row.demountable ? 'yes' : 'no' }}</td>
            </tr>
          </tbody>
        </table>
        <ul v-if="compared.breakEvens.length" class="mt-3 space-y-1" aria-label="Break-even">
          <li v-for="at in compared.breakEvens" :key="at.dearTool + at.cheapTool">
            <strong>{{ name(at.dearTool) }}</strong> costs less than {{ name(at.cheapTool) }} from
            <strong class="font-label text-lg">{{ at.joints }}</strong> joints upwards.
          </li>
        </ul>
      </div>
      <LazyCostChart :curves="compared.curves" :currency="currency" />
    </div>
  </section>
</template>
