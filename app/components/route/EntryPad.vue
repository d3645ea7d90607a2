<script setup lang="ts">
import type { RouteEntry } from '~~/core/edit/legs/entry'
import { turnedWith } from '~~/core/run/direction-words'

/** The typed leg and the pad for thumbs; the same keys as on a keyboard. */
const props = defineProps<{
  entry: RouteEntry
  at: string
  /** The next leg is pipe that is there. */
  existing: boolean
}>()
const emit = defineEmits<{ press: [key: string] }>()
const { units } = useWords()

const { job } = useOpenJob()
const { capital, said } = useWays()
/** As each way lies in the drawing. */
const icons = {
  ...{ west: 'i-lucide-arrow-up-left', north: 'i-lucide-arrow-up-right', up: 'i-lucide-arrow-up' },
  ...{ south: 'i-lucide-arrow-down-left', east: 'i-lucide-arrow-down-right', down: 'i-lucide-arrow-down' },
} as const
const arrows = [
  { key: 'ArrowLeft', map: 'west' },
  { key: 'ArrowUp', map: 'north' },
  { key: 'PageUp', map: 'up' },
  { key: 'ArrowDown', map: 'south' },
  { key: 'ArrowRight', map: 'east' },
  { key: 'PageDown', map: 'down' },
] as const
const directions = computed(() =>
  arrows.map(({ key, map }) => {
    const axis = turnedWith(map, job.value.facing)
    return { key, axis, word: capital(axis), icon: icons[axis] }
  }),
)
/** Two rows, the digits in order; the last column of the second row is the leg's. */
const rows = computed(() =>
  units.value === 'metric'
    ? { first: [...'12345.'], second: [...'67890'], columns: 'grid-cols-7' }
    : { first: [..."12345'/"], second: [...'67890 '], columns: 'grid-cols-8' },
)
const isPhone = usePhone()
const fittings = [
  { key: '&', word: 'And' },
  { key: 't', word: 'Tee' },
  { key: 'b', word: 'Bend' },
  { key: 'v', word: 'Valve' },
  { key: 'u', word: 'Union' },
  { key: 'o', word: 'Outlet' },
  { key: 'c', word: 'Cap' },
  { key: 'm', word: 'Mixer' },
  { key: 'g', word: 'By name' },
  { key: 'j', word: 'Join to' },
  { key: 'n', word: 'Next open' },
  { key: 'h', word: 'To height' },
  { key: 'x', word: 'Existing' },
]
/** On a phone 45° has a key beside the directions, and what is pressed most comes first. */
const placed = [...'tbvogucmjnhx'].map((key) => fittings.find((of) => of.key === key)!)
const isWhole = ref(false)
const digitWord = (digit: string) => (digit === ' ' ? 'space' : digit)
const arrowWords = computed(() => (job.value.facing ? 'left, right, back, out' : 'north, south, east, west'))
const typed = computed(() => props.entry.typed || '…')
const way = computed(() => {
  const { direction, combining, joining } = props.entry
  if (joining) return 'to where? Press it in the drawing'
  if (direction === null) return 'which way?'
  return combining ? `${said(direction)} and …` : said(direction)
})
</script>

<template>
  <!-- A press on the pad does not take the focus: the keyboard goes on where it was. -->
  <section aria-label="Type a leg" class="no-print space-y-2" @mousedown.prevent>
    <p class="font-label text-2xl font-semibold max-sm:leading-tight" aria-live="polite" data-entry>
      <span class="label text-base">From {{ at }}</span>
      {{ existing ? 'existing pipe' : '' }} {{ way }} {{ typed }}
    </p>
    <p v-if="entry.problem" role="alert" class="text-(--ui-error)" data-entry-problem>{{ entry.problem }}</p>
    <template v-if="isPhone">
      <div class="grid grid-cols-5 gap-1">
        <button
          v-for="{ key, word } in isWhole ? placed : placed.slice(0, 4)"
          :key="key"
          type="button"
          class="key px-0!"
          :aria-pressed="key === 'x' ? existing : undefined"
          @click="emit('press', key)"
        >
          {{ word }}
        </button>
        <button type="button" class="key px-0!" :aria-expanded="isWhole" @click="isWhole = !isWhole">
          {{ isWhole ? 'Fewer' : 'More' }}
        </button>
      </div>
      <ThumbPad :entry="entry" :directions="directions" @press="(key) => emit('press', key)" />
    </template>
    <div v-else class="flex flex-wrap gap-3">
      <div class="grid grid-cols-3 items-start gap-1">
        <button
          v-for="{ key, axis, word, icon } in directions"
          :key="key"
          v-memo="[entry.direction === axis, word, icon]"
          type="button"
          class="key justify-start"
          :aria-pressed="entry.direction === axis"
          @click="emit('press', key)"
        >
          <UIcon :name="icon" class="size-4" />{{ word }}
        </button>
      </div>
      <div class="grid gap-1" :class="rows.columns">
        <button
          v-for="digit in rows.first"
          :key="digit"
          v-memo="[digit]"
          type="button"
          class="key"
          @click="emit('press', digit)"
        >
          {{ digit }}
        </button>
        <button type="button" class="key" aria-label="Take back" @click="emit('press', 'Backspace')">
          <UIcon name="i-lucide-delete" class="size-5" />
        </button>
        <button
          v-for="digit in rows.second"
          :key="digit"
          v-memo="[digit]"
          type="button"
          class="key"
          :aria-label="digitWord(digit)"
          @click="emit('press', digit)"
        >
          {{ digit === ' ' ? '␣' : digit }}
        </button>
        <button type="button" class="key strong col-span-2" aria-label="Enter the leg" @click="emit('press', 'Enter')">
          Leg
        </button>
      </div>
      <div class="flex flex-wrap items-start gap-1">
        <button
          v-for="{ key, word } in fittings"
          :key="key"
          type="button"
          class="key"
          :aria-pressed="key === 'x' ? existing : undefined"
          @click="emit('press', key)"
        >
          {{ word }}
        </button>
      </div>
    </div>
    <p class="hidden text-sm text-muted sm:block">
      Keys: arrows {{ arrowWords }}; Page Up, Page Down; digits, Enter; 0 where the next fitting goes straight into this
      one; digits, H for a leg up or down to that height; Shift with an arrow adds it to the one before, 45° between; T
      tee, B bend, V valve, U union, O outlet, C cap, M mixer, J a leg to what lies ahead or is pressed next, N next
      open end, F offset, G a fitting by its name, X pipe that is there, with a length or without; Backspace takes back.
    </p>
    <!-- The section keeps the focus where it was; a list must take it to open. -->
    <FacingPick v-if="!isPhone || isWhole" class="max-w-xs" @mousedown.stop />
  </section>
</template>
