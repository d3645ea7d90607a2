<script setup lang="ts">
import { useDebounceFn, useLocalStorage } from '@vueuse/core'
import { counterName } from '~~/core/catalogue/counter-name'
import { findFittings } from '~~/core/join/names/find-fitting'
import { endLabel } from '~~/core/catalogue/fitting'
import { shippedFittings } from '~~/core/catalogue/fittings'
import { fittingPrice } from '~~/core/join/price'

/** What is this fitting called, and what does this name mean? */
const { costs, money } = useMoney()
const text = useLocalStorage('jolvet-bench-fitting', '')
const examples = ['3/4 x 1/2 x 1/2 tee', '22 x 15 reducer', '1/2 C x M adapter', '1/2 street 90', '1/2 x 3/4 tee']
const { last, remember } = useAsked<string>('fitting')
const shown = 12
const found = computed(() => (text.value.trim() === '' ? null : findFittings(shippedFittings(), text.value)))
/** The one to ask for, where the name is sure. */
const certain = computed(() => found.value?.certain ?? undefined)
const rested = useDebounceFn(() => {
  if (certain.value) remember({ label: text.value.trim(), ask: text.value.trim() })
}, 2000)
watch(text, () => void rested())
</script>

<template>
  <div class="grid gap-6 lg:grid-cols-[minmax(0,26rem)_minmax(0,1fr)]">
    <section class="space-y-4" aria-label="Name">
      <TextField
        v-model="text"
        label="Ask as at the counter"
        large
        :maxlength="120"
        placeholder="22 x 15 solder reducer"
      />
      <AskedMost :most="examples.map((label) => ({ label, ask: label }))" :last="last" @ask="(said) => (text = said)" />
      <FittingSketch v-if="certain" :fitting="certain" />
      <p class="text-sm text-muted">
        Run first, its larger end first, then the branch. C is a cup, FTG goes inside a fitting, M and F are threads.
      </p>
    </section>
    <section aria-label="What it means">
      <p v-if="!found">
        Type a fitting’s name, or press an example: you get what it is, its ends, and the usual mistake in ordering it.
      </p>
      <template v-else>
        <div data-readout aria-live="polite">
          <div class="label">{{ certain ? 'Ask for' : 'Not sure yet' }}</div>
          <div class="font-label text-4xl leading-tight font-semibold">
            {{ certain ? counterName(certain) : found.fittings.length ? 'Which one?' : 'Not found' }}
          </div>
          <p v-for="question in found.questions" :key="question" class="mt-1 text-lg">{{ question }}</p>
          <p v-if="found.problem" class="mt-1 text-(--ui-error)">{{ found.problem }}</p>
          <p v-for="hint in found.named?.hints" :key="hint" class="mt-1 flex gap-2 text-lg">
            <VerdictMark verdict="caution" :word="false" class="pt-1" />{{ hint }}
          </p>
        </div>
        <h2 v-if="found.fittings.length" class="heading mt-5 mb-1">
          {{ found.fittings.length }} {{ found.fittings.length === 1 ? 'fitting' : 'fittings' }} of that name
        </h2>
        <ul class="ruled border-y border-(--ui-border)">
          <li v-for="fitting in found.fittings.slice(0, shown)" :key="fitting.id" class="flex flex-wrap gap-x-4 py-2">
            <span class="min-w-0 flex-1 basis-60">
              <span class="block font-label text-lg font-semibold">{{ counterName(fitting) }}</span>
              <span class="text-sm text-muted">{{ fitting.ends.map(endLabel).join(' · ') }}</span>
            </span>
            <span class="text-sm">about {{ money(fittingPrice(fitting, costs)) }}, by your prices</span>
          </li>
        </ul>
        <p v-if="found.fittings.length > shown" class="mt-2 text-sm text-muted">
          and {{ found.fittings.length - shown }} more: add the method or the ends to narrow it
        </p>
      </template>
    </section>
  </div>
</template>
