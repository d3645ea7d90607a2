<script setup lang="ts">
import type { Job } from '~~/core/job/job'
import { drawOwnPattern } from '~~/core/patterns/own-pattern'
import type { Units } from '~~/core/quantity/units'
import { randomIds } from '~/composables/random-ids'
import { useCatalogueStore } from '~/stores/catalogue'
import { useWorkshopStore } from '~/stores/workshop'

/** Patterns of one's own in these units, each with a press that draws it. @prop word what that press says */
const props = defineProps<{ units: Units; word: string }>()
const emit = defineEmits<{ draw: [job: Job] }>()
const workshop = useWorkshopStore()
const catalogue = useCatalogueStore()
const { problemOf } = useWords()
const problem = ref('')
const patterns = computed(() =>
  Object.entries(workshop.workshop.patterns ?? {})
    .filter(([, { units }]) => units === props.units)
    .map(([id, of]) => ({ id, ...of }))
    .toSorted((one, other) => one.name.localeCompare(other.name)),
)
function draw(id: string): void {
  problem.value = ''
  try {
    emit('draw', drawOwnPattern(workshop.workshop.patterns![id]!, catalogue.catalogue, randomIds))
  } catch (error) {
    problem.value = problemOf(error)
  }
}
</script>

<template>
  <section v-if="patterns.length > 0" aria-label="Your own">
    <h2 class="heading">Your own</h2>
    <ul class="ruled border-y border-(--ui-border)">
      <li v-for="{ id, name } in patterns" :key="id" class="flex min-h-14 items-center gap-2 py-1">
        <span class="heading min-w-0 flex-1">{{ name }}</span>
        <PushButton
          color="neutral"
          variant="outline"
          :label="word"
          :aria-label="`${word}: ${name}`"
          @click="draw(id)"
        />
        <PushButton
          color="neutral"
          variant="ghost"
          icon="i-lucide-trash-2"
          :aria-label="`Remove ${name}`"
          @click="workshop.remove('patterns', id)"
        />
      </li>
    </ul>
    <p v-if="problem" role="alert" class="text-(--ui-error)">{{ problem }}</p>
  </section>
</template>
