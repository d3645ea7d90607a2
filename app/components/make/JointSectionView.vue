<script setup lang="ts">
import type { MethodId } from '~~/core/methods/ids'
import type { Pipe } from '~~/core/catalogue/pipe'
import { faultsOf, type FaultId } from '~~/core/section/faults'
import { sectionOf } from '~~/core/section/section'

/** The joint's section: a slider pushes the pipe in, and a fault can be switched on to see what it does. */
const props = defineProps<{ pipe: Pipe; method: MethodId; depth: number; slips?: boolean }>()
const { length, say } = useWords()
const share = ref(100)
const fault = ref<FaultId | null>(null)
const moving = ref(false)
const faults = computed(() => faultsOf(props.method, props.pipe))
const active = computed(() => faults.value.find(({ id }) => id === fault.value)?.id)
const home = computed(() => (props.depth * (active.value === 'short' ? Math.min(50, share.value) : share.value)) / 100)
const section = computed(() =>
  sectionOf({
    pipe: props.pipe,
    method: props.method,
    depth: props.depth,
    home: home.value,
    slips: props.slips,
    faults: new Set(active.value ? [active.value] : []),
  }),
)
const toggle = (id: FaultId) => (fault.value = fault.value === id ? null : id)
</script>

<template>
  <section aria-label="Section">
    <SectionDrawing :section="section" :depth="depth" :depth-text="length(depth)" :moving="moving" />
    <div v-if="section.hand" class="no-print flex flex-wrap items-center gap-3">
      <PushButton :aria-pressed="moving" :active="moving" @click="moving = !moving">
        <UIcon :name="moving ? 'i-lucide-pause' : 'i-lucide-play'" class="size-4" />Show the hand
      </PushButton>
      <p v-if="moving" class="flex-1">{{ say.trade(section.hand.text) }}</p>
    </div>
    <p class="flex min-h-12 gap-2 text-lg" role="status" :class="active ? 'text-(--ui-error)' : ''">
      <VerdictMark v-if="active" verdict="refuse" :word="false" class="self-start pt-1" /><SpokenText
        :text="say.trade(section.says)"
      />
    </p>
    <ul class="mb-2 flex flex-wrap gap-x-5 gap-y-1" aria-label="What takes hold">
      <li
        v-for="station in section.stations"
        :key="station.name"
        class="flex items-center gap-2 font-label text-lg font-semibold"
        :class="
          { held: 'text-(--ui-success)', spoilt: 'text-(--ui-error)', 'not reached': 'text-muted' }[station.state]
        "
      >
        <VerdictMark v-if="station.state === 'spoilt'" verdict="refuse" :word="false" />
        <StateMark v-else :state="station.state === 'held' ? 'done' : 'not begun'" />{{ say.trade(station.name) }}
        <span class="text-base font-normal"
          >at {{ length(station.at) }}{{ station.state === 'spoilt' ? ', does not hold' : '' }}</span
        >
      </li>
    </ul>
    <p class="label">{{ section.motion }}: {{ length(home) }}</p>
    <input v-model.number="share" type="range" min="0" max="100" class="slide" :aria-label="section.motion" />
    <div class="mt-1 flex flex-wrap items-center gap-1.5" role="group" aria-label="Show a fault">
      <span class="label">Show a fault</span>
      <PushButton
        v-for="item in faults"
        :key="item.id"
        :aria-pressed="item.id === active"
        :active="item.id === active"
        @click="toggle(item.id)"
      >
        {{ say.trade(item.label) }}
      </PushButton>
    </div>
    <p class="mt-2 text-sm text-muted">
      Diameters, wall and depth are to scale; the places of seal and grip are typical.
    </p>
  </section>
</template>
