<script setup lang="ts">
import { shippedFittings } from '~~/core/catalogue/fittings'
import { glossary } from '~~/core/glossary/glossary'

/** Help on every page: what to do here, its keys, and the words of the trade. */
const { isHelping } = useHelp()
const { units, trade } = useWords()
const route = useRoute()
const here = computed(() => helpFor(route.path))
const wanted = ref('')
const fittings = computed(() => new Map(shippedFittings().map((fitting) => [fitting.label, fitting])))
const words = computed(() =>
  glossary
    .map(({ word, american, means, shownBy }) => ({
      word: units.value === 'imperial' ? (american ?? trade(word)) : word,
      means: trade(means),
      shown: shownBy ? fittings.value.get(shownBy) : undefined,
    }))
    .filter(({ word, means }) => `${word} ${means}`.toLowerCase().includes(wanted.value.trim().toLowerCase())),
)
</script>

<template>
  <UModal v-model:open="isHelping" :title="`Help: ${here.title}`" description="What to do here, keys, words.">
    <template #body>
      <div class="space-y-5">
        <ol class="list-decimal space-y-1 pl-5">
          <li v-for="text in here.does" :key="text">{{ trade(text) }}</li>
        </ol>
        <section v-if="here.keys" aria-label="Keys">
          <h3 class="heading">Keys</h3>
          <dl class="grid grid-cols-[auto_1fr] gap-x-4 gap-y-1">
            <template v-for="[key, does] in here.keys" :key="key">
              <dt class="font-semibold">{{ key }}</dt>
              <dd>{{ does }}</dd>
            </template>
          </dl>
        </section>
        <section aria-label="Words">
          <h3 class="heading">Words</h3>
          <UInput
            v-model="wanted"
            icon="i-lucide-search"
            class="w-full"
            placeholder="Find a word"
            aria-label="Find a word"
          />
          <dl class="ruled mt-2">
            <div v-for="{ word, means, shown } in words" :key="word" class="flex items-start gap-3 py-2">
              <div class="flex-1">
                <dt class="font-semibold">{{ word }}</dt>
                <dd>{{ means }}</dd>
              </div>
              <FittingSketch v-if="shown" :fitting="shown" class="w-24!" />
            </div>
          </dl>
          <p v-if="words.length === 0">No such word here.</p>
        </section>
      </div>
    </template>
  </UModal>
</template>
