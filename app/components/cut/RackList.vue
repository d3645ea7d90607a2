<script setup lang="ts">
import { shippedCatalogue } from '~~/core/catalogue/catalogue'
import type { RackOffcut } from '~~/core/cut/rack'

/** The offcuts of the job's pipes on the rack; one more is typed in, a bad one thrown away. */
const props = defineProps<{
  offcuts: readonly RackOffcut[]
  pipes: readonly { readonly pipe: string; readonly label: string }[]
}>()
const emit = defineEmits<{ add: [offcut: { pipe: string; mm: number }]; scrap: [id: number] }>()
const { length } = useWords()
const name = (pipe: string) => shippedCatalogue.pipe(pipe)?.label.split(' · ')[0] ?? pipe
const chosen = ref('')
const pipe = computed(() => props.pipes.find((of) => of.pipe === chosen.value)?.pipe ?? props.pipes[0]?.pipe ?? '')
const items = computed(() => props.pipes.map(({ pipe: value, label }) => ({ value, label })))
const mm = ref<number>()
const limits = { min: 1, max: 200_000 }
function add(): void {
  if (mm.value === undefined) return
  emit('add', { pipe: pipe.value, mm: mm.value })
  mm.value = undefined
}
</script>

<template>
  <section class="space-y-2" aria-label="The rack">
    <h2 class="heading">On the rack</h2>
    <p v-if="offcuts.length === 0" class="text-muted">
      No offcuts of these pipes yet. What is left of a cut goes here.
    </p>
    <ul class="ruled">
      <li v-for="offcut in offcuts" :key="offcut.id" class="flex items-center gap-3">
        <span class="w-24 text-right font-label text-lg font-semibold">{{ length(offcut.mm) }}</span>
        <span class="flex-1"
          >{{ name(offcut.pipe) }} <span class="text-sm text-muted">from {{ offcut.from }}</span></span
        >
        <PushButton
          variant="ghost"
          :aria-label="`Throw away the offcut of ${length(offcut.mm)}`"
          @click="emit('scrap', offcut.id)"
        >
          <UIcon name="i-lucide-trash-2" class="size-5" />
        </PushButton>
      </li>
    </ul>
    <div class="grid grid-cols-2 items-end gap-2">
      <Choice
        label="Pipe of an offcut"
        :items="items"
        class="col-span-2"
        :model-value="pipe"
        @update:model-value="(id) => (chosen = id)"
      />
      <LengthField
        label="Its length"
        optional
        :limits="limits"
        :model-value="mm"
        @update:model-value="(value) => (mm = value)"
      />
      <PushButton class="justify-self-start" :disabled="mm === undefined" @click="add">
        <UIcon name="i-lucide-plus" class="size-4" />To the rack
      </PushButton>
      <WhyNot :wants="mm === undefined ? 'Type its length.' : ''" />
    </div>
  </section>
</template>
