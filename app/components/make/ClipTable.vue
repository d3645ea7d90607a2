<script setup lang="ts">
import type { Job } from '~~/core/job/job'
import type { Plan } from '~~/core/plan/types'

/** Where the clips go on each leg, from the centre of the fitting at its start. */
const props = defineProps<{ job: Job; plan: Plan }>()
const { length, figure } = useLengthText()
const rows = computed(() =>
  props.plan.supports.flatMap((support) => {
    const run = props.job.runs.find(({ id }) => id === support.run)
    const leg = run?.legs.find(({ id }) => id === support.leg)
    return run && leg
      ? [{ ...support, name: run.name, from: leg.from, direction: leg.direction, whole: leg.length }]
      : []
  }),
)
</script>

<template>
  <table class="w-full text-left" aria-label="Clips">
    <thead>
      <tr class="label">
        <th>Leg</th>
        <th>Clips at</th>
        <th class="hidden sm:table-cell">Rule</th>
      </tr>
    </thead>
    <tbody class="ruled align-top">
      <tr v-for="row in rows" :key="row.run + row.leg">
        <td class="py-1.5 pr-3">
          {{ typeof row.direction === 'string' ? row.direction : 'slanting' }} {{ length(row.whole) }} from
          {{ row.from }}
          <span class="block text-sm text-muted">{{ row.name }}</span>
        </td>
        <td class="py-1.5 pr-3 font-label text-lg font-semibold">
          <span v-if="row.at.length">
            {{ row.at.map(figure).join(', ') }}
            <span v-if="row.guides.length" class="block text-base font-normal">
              guides {{ row.guides.map(figure).join(', ') }}
            </span>
          </span>
          <span v-else class="font-sans text-sm font-normal" :class="row.missing ? 'text-(--ui-warning)' : ''">{{
            row.missing || 'too short for a clip'
          }}</span>
        </td>
        <td class="hidden py-1.5 text-sm text-muted sm:table-cell">{{ row.basis }}</td>
      </tr>
    </tbody>
  </table>
</template>
