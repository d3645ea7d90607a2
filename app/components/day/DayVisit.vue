<script setup lang="ts">
import { aboutTime } from '~~/core/day/clock'
import type { Needed } from '~~/core/van/van-list'
import type { TimeSaid } from '~/composables/day/useVisitTimes'
import { useLogStore } from '~/stores/log'
import { formatWait } from '~~/core/quantity/words/format-duration'

/** A visit in its place in the day: from when to when, what the customer is told, and what really was. */
defineProps<{
  row: ReturnType<typeof useDay>['rows']['value'][number]
  needs: readonly Needed[]
  turn: { isFirst: boolean; isLast: boolean }
}>()
const emit = defineEmits<{ real: [said: TimeSaid]; move: [by: 1 | -1] }>()
const log = useLogStore()
const isNamed = computed(() => log.who.trim() !== '')
const { units } = useWords()
const minutes = (value: number) => formatWait(Math.round(value) * 60)
const about = (minutes: number) => aboutTime(minutes, units.value)
</script>

<template>
  <li class="space-y-2 py-3" :data-visit="row.id">
    <div class="flex flex-wrap items-baseline gap-x-4">
      <span class="figures font-label text-3xl font-semibold whitespace-nowrap" data-times>
        <template v-if="row.plan.from !== null">{{ about(row.plan.from) }}</template><template v-else
          >Time not known</template
        ><template v-if="row.plan.to !== null"> to {{ about(row.plan.to) }}</template>
      </span>
      <NuxtLink :to="`/jobs/${row.job}/make`" class="heading underline-offset-4 hover:underline">{{
        row.title
      }}</NuxtLink>
      <span v-if="row.visit.what">{{ row.visit.what }}</span>
      <span v-if="row.address" class="text-muted">{{ row.address }}</span>
      <span v-if="!turn.isFirst || !turn.isLast" class="no-print ml-auto flex gap-1">
        <span data-turn aria-hidden="true" class="grid size-11 cursor-grab place-items-center" title="Drag to its turn"
          ><UIcon name="i-lucide-grip-vertical" class="size-5"
        /></span>
        <PushButton
          icon="i-lucide-arrow-up"
          variant="ghost"
          color="neutral"
          :disabled="turn.isFirst"
          :aria-label="`Go to ${row.title} earlier`"
          @click="emit('move', -1)"
        />
        <PushButton
          icon="i-lucide-arrow-down"
          variant="ghost"
          color="neutral"
          :disabled="turn.isLast"
          :aria-label="`Go to ${row.title} later`"
          @click="emit('move', 1)"
        />
      </span>
    </div>
    <!-- The day from left to right; hatched while the household has no water. -->
    <div v-if="row.bar" class="relative h-4 border-x border-(--ui-border) bg-(--ui-bg-muted)" aria-hidden="true">
      <div
        class="absolute inset-y-0 bg-(--drawing-pipe)"
        :style="{ left: `${row.bar.left}%`, width: `${row.bar.width}%` }"
      ></div>
      <div
        v-for="wait in row.waits"
        :key="wait.from"
        class="absolute inset-y-1 bg-(--ui-bg-muted)"
        :style="{ left: `${wait.bar.left}%`, width: `${wait.bar.width}%` }"
      ></div>
      <div
        v-if="row.dry"
        class="dry absolute inset-y-0"
        :style="{ left: `${row.dry.left}%`, width: `${row.dry.width}%` }"
      ></div>
    </div>
    <p
      v-if="row.real.began && row.real.ended && row.real.ended < row.real.began"
      role="alert"
      class="text-(--ui-error)"
    >
      It ended before it began: type one of the two again.
    </p>
    <p v-if="row.plan.late > 0" class="flex items-center gap-2 text-(--ui-warning)">
      <VerdictMark verdict="caution" :word="false" />{{ minutes(row.plan.late) }} after the agreed {{ about(row.at!) }}:
      ring them
    </p>
    <p v-else-if="row.plan.spare > 0" class="text-muted">{{ minutes(row.plan.spare) }} to spare before</p>
    <p v-if="row.within !== null" data-within>In the wait at {{ row.within }}: there and back in time.</p>
    <p v-for="wait in row.waits" :key="wait.from" class="text-muted" data-wait>
      A wait from about {{ about(wait.from) }} to {{ about(wait.to) }}: something sets or cools.
    </p>
    <p v-if="row.plan.off" data-told>
      <span class="label mr-2 text-base">Tell the customer</span>Water off from about {{ about(row.plan.off.from) }} to
      {{ about(row.plan.off.to) }}.
    </p>
    <p v-if="row.isKnown && row.minutes === null" class="text-(--ui-warning)">
      How long it takes is not known: in the visit, tick what is made then or type its minutes; or see Plan of work.
    </p>
    <p v-else-if="row.isLeast" class="text-muted">At least: a wait in it is not known.</p>
    <TakenForJob :job="row.job" :needs="needs" />
    <div class="no-print flex flex-wrap items-end gap-3">
      <RealTime
        label="Really began"
        :time="row.real.began"
        :is-named="isNamed"
        @said="(began) => emit('real', { began })"
      />
      <RealTime
        label="Really ended"
        :time="row.real.ended"
        :is-named="isNamed"
        @said="(ended) => emit('real', { ended })"
      />
      <WhyNot :wants="isNamed ? '' : 'Type your name first.'" />
      <PushButton
        :to="`/jobs/${row.job}/estimate`"
        variant="link"
        color="primary"
        class="px-0"
        label="Change the visit"
      />
    </div>
  </li>
</template>
