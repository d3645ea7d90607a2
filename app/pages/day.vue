<script setup lang="ts">
import { clockTime } from '~~/core/day/clock'
import { daysAfter, noonOf } from '~/composables/day/days'
import { useLogStore } from '~/stores/log'

/** A day over all jobs: where to be when, what the customers are told, what to bring. */
const { on, begins, asked, rows, move, needs, loaded, isAway, problem, isLoading, setReal } = useDay()
const { units } = useWords()
// Who was not named before names himself once, and the field stays while he types.
const wasNamed = useLogStore().who.trim() !== ''
const title = computed(() =>
  new Intl.DateTimeFormat(units.value === 'metric' ? 'en-GB' : 'en-US', { dateStyle: 'full' }).format(noonOf(on.value)),
)
const show = (day: string) => navigateTo({ path: '/day', query: { on: day } })
useHead({ title: () => `${title.value} · Jolvet` })
</script>

<template>
  <div>
    <header class="border-b border-(--ui-border) bg-(--ui-bg-muted)">
      <TopBar>
        <h1 class="heading mr-auto">Day</h1>
        <HelpButtons />
      </TopBar>
    </header>
    <main id="main" class="step mx-auto max-w-4xl space-y-5 p-4">
      <div class="flex flex-wrap items-end gap-2">
        <h2 class="heading mr-auto text-2xl!">{{ title }}</h2>
        <div class="flex gap-2">
          <PushButton icon="i-lucide-chevron-left" aria-label="Day before" @click="show(daysAfter(on, -1))" />
          <TextField
            bare
            type="date"
            label="Which day"
            :model-value="on"
            @update:model-value="(day) => day && show(day)"
          />
          <PushButton icon="i-lucide-chevron-right" aria-label="Day after" @click="show(daysAfter(on, 1))" />
        </div>
        <TextField
          type="time"
          label="Set out at"
          :model-value="begins"
          @update:model-value="(time) => time && (begins = time)"
        />
      </div>
      <p v-if="isAway" role="status">The server does not answer: the visits show when it does.</p>
      <p v-if="problem" role="alert">{{ problem }}</p>
      <p v-if="!isLoading && !isAway && rows.length === 0">
        No visits on this day. Give a job one under <strong>Estimate</strong>, which Cut leads to.
      </p>
      <template v-if="rows.length > 0">
        <p class="text-muted">
          Set out at {{ clockTime(asked.begins, units) }}, {{ asked.travel }} min to the first job and from one to the
          next; working times as planned.
        </p>
        <WhoField v-if="!wasNamed" class="no-print max-w-xs" />
        <DraggedList
          class="ruled border-y border-(--ui-border)"
          aria-label="Visits"
          handle="[data-turn]"
          :items="rows"
          @move="move"
        >
          <template #default="{ item: row, at }">
            <DayVisit
              :row="row"
              :needs="needs.get(row.job) ?? []"
              :turn="{ isFirst: at === 0, isLast: at === rows.length - 1 }"
              @real="(said) => setReal(row, said)"
              @move="(by) => move(at, at + by)"
            />
          </template>
        </DraggedList>
        <DayList v-if="loaded.length > 0" :loaded="loaded" :day="on" />
      </template>
      <p>
        <a href="/api/calendar.ics" download="jolvet.ics" class="inline-flex min-h-11 items-center underline"
          >All visits as a calendar file</a
        >; a calendar program can subscribe to the same address.
      </p>
    </main>
  </div>
</template>
