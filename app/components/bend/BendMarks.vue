<script setup lang="ts">
import type { BendSheet } from '~~/core/bend/bend-sheet'

/** Every mark of a tube from its first end, in the order of bending. */
defineProps<{ sheet: BendSheet }>()
const { length } = useWords()
const degrees = (value: number) => `${Math.round(value * 10) / 10}°`
const pull = ({ angle, pull: to }: { angle: number; pull: number }) =>
  to === angle ? degrees(angle) : `${degrees(angle)} + ${degrees(to - angle)}`
const around = ({ round, roundAlong }: { round: number; roundAlong: number }) =>
  round === 0
    ? 'in line with the back line'
    : Math.abs(round) === 180
      ? 'opposite the back line'
      : `${degrees(Math.abs(round))} ${round > 0 ? 'clockwise' : 'anticlockwise'}, ${length(roundAlong)} round`
</script>

<template>
  <div>
    <div class="overflow-x-auto">
      <table class="w-full text-left" aria-label="Bends in order">
        <thead>
          <tr class="label">
            <th>Bend</th>
            <th class="text-right">Mark at</th>
            <th class="pl-3 text-right">Pull to</th>
            <th class="pl-4">Hold</th>
            <th class="hidden pl-4 sm:table-cell">Turn of the tube</th>
            <th class="hidden pl-4 text-right sm:table-cell">Start, middle, end</th>
          </tr>
        </thead>
        <tbody class="ruled">
          <tr v-for="(mark, index) in sheet.marks" :key="mark.bend" class="h-11">
            <td class="font-label text-lg font-semibold text-(--ui-primary)">{{ index + 1 }}</td>
            <td class="text-right font-label text-lg font-semibold whitespace-nowrap">{{ length(mark.mark) }}</td>
            <td class="pl-3 text-right font-label text-lg font-semibold whitespace-nowrap">{{ pull(mark) }}</td>
            <td class="pl-4">{{ mark.hold }}</td>
            <td class="hidden pl-4 sm:table-cell">{{ around(mark) }}</td>
            <td class="hidden pl-4 text-right text-sm whitespace-nowrap sm:table-cell">
              {{ length(mark.start) }}, {{ length(mark.middle) }}, {{ length(mark.end) }}
            </td>
          </tr>
        </tbody>
      </table>
    </div>
    <p class="text-sm text-muted sm:hidden">
      <template v-for="(mark, index) in sheet.marks" :key="mark.bend">{{ index + 1 }}: {{ around(mark) }}. </template>
    </p>
  </div>
</template>
