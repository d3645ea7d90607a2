<script setup lang="ts">
import type { RouteEntry } from '~~/core/route/entry'

/** The typed leg and the pad for thumbs; the same keys as on a keyboard. */
const props = defineProps<{ entry: RouteEntry; at: string }>()
const emit = defineEmits<{ press: [key: string] }>()
const { units } = useLengthText()

const directions = [
  { key: 'ArrowLeft', axis: 'west', word: 'West', icon: 'i-lucide-arrow-up-left' },
  { key: 'ArrowUp', axis: 'north', word: 'North', icon: 'i-lucide-arrow-up-right' },
  { key: 'PageUp', axis: 'up', word: 'Up', icon: 'i-lucide-arrow-up' },
  { key: 'ArrowDown', axis: 'south', word: 'South', icon: 'i-lucide-arrow-down-left' },
  { key: 'ArrowRight', axis: 'east', word: 'East', icon: 'i-lucide-arrow-down-right' },
  { key: 'PageDown', axis: 'down', word: 'Down', icon: 'i-lucide-arrow-down' },
] as const
const digits = computed(() => [
  '7',
  '8',
  '9',
  '4',
  '5',
  '6',
  '1',
  '2',
  '3',
  '0',
  ...(units.value === 'metric' ? ['.'] : [' ', '/', "'"]),
])
const fittings = [
  { key: 't', word: 'Tee' },
  { key: 'v', word: 'Valve' },
  { key: 'o', word: 'Outlet' },
  { key: 'c', word: 'Cap' },
  { key: 'n', word: 'Next open' },
]
const digitWord = (digit: string) => (digit === ' ' ? 'space' : digit)
const typed = computed(() => props.entry.typed || '…')
</script>

<template>
  <section aria-label="Type a leg" class="no-print space-y-2">
    <p class="font-label text-2xl font-semibold" aria-live="polite" data-entry>
      <span class="label text-base">From {{ at }}</span>
      {{ entry.direction ?? 'which way?' }} {{ typed }}
    </p>
    <p v-if="entry.problem" role="alert" class="text-(--ui-error)" data-entry-problem>{{ entry.problem }}</p>
    <div class="flex flex-wrap gap-3">
      <div class="grid grid-cols-3 gap-1">
        <UButton
          v-for="{ key, axis, word, icon } in directions"
          :key="key"
          :icon="icon"
          :label="word"
          :color="entry.direction === axis ? 'primary' : 'neutral'"
          :variant="entry.direction === axis ? 'solid' : 'outline'"
          :aria-pressed="entry.direction === axis"
          class="px-2"
          @click="emit('press', key)"
        />
      </div>
      <div class="grid grid-cols-7 gap-1">
        <UButton
          v-for="digit in digits"
          :key="digit"
          :label="digit === ' ' ? '␣' : digit"
          :aria-label="digitWord(digit)"
          color="neutral"
          variant="outline"
          class="min-w-11 px-0"
          @click="emit('press', digit)"
        />
        <UButton
          icon="i-lucide-delete"
          aria-label="Take back"
          color="neutral"
          variant="outline"
          class="min-w-11 px-0"
          @click="emit('press', 'Backspace')"
        />
        <UButton label="Leg" aria-label="Enter the leg" class="col-span-2 px-0" @click="emit('press', 'Enter')" />
      </div>
      <div class="flex flex-wrap items-start gap-1">
        <UButton
          v-for="{ key, word } in fittings"
          :key="key"
          :label="word"
          color="neutral"
          variant="outline"
          class="px-2.5"
          @click="emit('press', key)"
        />
      </div>
    </div>
    <p class="hidden text-sm text-muted sm:block">
      Keys: arrows north, south, east, west; Page Up, Page Down; digits, Enter; T tee, V valve, O outlet, C cap, N next
      open end; Backspace takes back.
    </p>
  </section>
</template>
