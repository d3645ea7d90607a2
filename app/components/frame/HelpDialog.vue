<script setup lang="ts">
import { glossary } from '~~/core/glossary/glossary'

/** Help on every page: what to do here, its keys, and the words of the trade. */
const { isHelping, word: asked } = useHelp()
const { units, trade } = useWords()
const route = useRoute()
const here = computed(() => helpFor(route.path))
const wanted = ref('')
const words = computed(() =>
  glossary
    .map(({ word, american, means, shownBy }) => ({
      of: word,
      word: units.value === 'imperial' ? (american ?? trade(word)) : word,
      means: trade(means),
      shownBy,
    }))
    .filter(({ of, word, means }) => (asked.value ? of === asked.value : holdsWords(`${word} ${means}`, wanted.value))),
)
</script>

<template>
  <UModal v-model:open="isHelping" :title="`Help: ${here.title}`" description="What to do here, keys, words.">
    <template #body>
      <div class="space-y-5">
        <ol v-if="!asked" class="list-decimal space-y-1 pl-5">
          <li v-for="text in here.does" :key="text">{{ trade(text) }}</li>
        </ol>
        <section v-if="here.keys && !asked" aria-label="Keys">
          <h3 class="heading">Keys</h3>
          <dl class="grid grid-cols-[auto_1fr] gap-x-4 gap-y-1">
            <template v-for="[key, does] in here.keys" :key="key">
              <dt class="font-semibold">{{ key }}</dt>
              <dd>{{ does }}</dd>
            </template>
          </dl>
        </section>
        <section aria-label="Words">
          <h3 class="heading">{{ asked ? 'In the trade’s words' : 'Words' }}</h3>
          <PushButton v-if="asked" variant="ghost" @click="asked = ''">All words</PushButton>
          <TextField
            v-else
            v-model="wanted"
            bare
            icon="i-lucide-search"
            label="Find a word"
            placeholder="Find a word"
          />
          <dl class="ruled mt-2">
            <div v-for="{ word, means, shownBy } in words" :key="word" class="flex items-start gap-3 py-2">
              <div class="flex-1">
                <dt class="font-semibold">{{ word }}</dt>
                <dd>{{ means }}</dd>
              </div>
              <WordPicture :shown-by="shownBy" />
            </div>
          </dl>
          <p v-if="words.length === 0">No such word here.</p>
        </section>
      </div>
    </template>
  </UModal>
</template>
