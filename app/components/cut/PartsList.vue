<script setup lang="ts">
import type { Plan } from '~~/core/plan/types'

/** What to bring: fittings, rings and inserts, clips, counted. */
defineProps<{ plan: Plan }>()
</script>

<template>
  <table class="w-full text-left" aria-label="What to bring">
    <tbody class="ruled">
      <tr v-for="fitting in plan.fittings" :key="fitting.label" class="h-9">
        <td class="w-12 pr-3 text-right font-label text-lg font-semibold">{{ fitting.count }}</td>
        <td>{{ fitting.label }}</td>
      </tr>
      <tr v-for="sundry in plan.sundries" :key="sundry.label" class="h-9">
        <td class="w-12 pr-3 text-right font-label text-lg font-semibold">{{ sundry.count }}</td>
        <td>{{ sundry.label }}</td>
      </tr>
      <tr v-for="clip in plan.clipCounts" :key="clip.label" class="h-9">
        <td class="w-12 pr-3 text-right font-label text-lg font-semibold">{{ clip.count }}</td>
        <td>{{ clip.label }}</td>
      </tr>
    </tbody>
  </table>
</template>
