<script setup lang="ts">
import { useWorkshopStore } from '~/stores/workshop'

/** What holds for this browser and for the whole workshop, in one place. */
const { units } = useBenchUnits()
const unitItems = [
  { value: 'metric', label: 'Millimetres, bar, litres' },
  { value: 'imperial', label: 'Feet, inches, psi, gallons' },
] as const
const paper = usePaper()
const papers = [
  { value: 'a4', label: 'A4' },
  { value: 'letter', label: 'Letter' },
] as const
const letterKeys = useLetterKeys()
const { word, toggle } = useDark()
const store = useWorkshopStore()
const { currency: shownCurrency } = useMoney()
const currency = ref(shownCurrency.value)
watch(shownCurrency, (now) => (currency.value = now))
useHead({ title: 'Settings · Jolvet' })
</script>

<template>
  <div class="mx-auto max-w-3xl">
    <header>
      <TopBar><span class="ml-auto" /><HelpButtons /></TopBar>
    </header>
    <main id="main" class="space-y-6 p-4">
      <h1 class="heading text-3xl!">Settings</h1>
      <section class="space-y-3" aria-label="This browser">
        <h2 class="heading border-b border-(--ui-border)">This browser</h2>
        <WhoField class="w-60" />
        <div class="flex flex-wrap items-end gap-3">
          <Choice v-model="units" label="Units of the bench and of new jobs" class="w-64" :items="unitItems" />
          <Choice v-model="paper" label="Paper" class="w-32" :items="papers" />
          <PushButton @click="toggle">{{ word }}</PushButton>
        </div>
        <CheckBox
          v-model="letterKeys"
          label="Single-letter keys on Route"
          description="T for a tee, B for a bend and so on, while the drawing has the focus."
        />
      </section>
      <section class="space-y-3" aria-label="The workshop">
        <h2 class="heading border-b border-(--ui-border)">The workshop, for everybody</h2>
        <p v-if="store.problem" role="alert" class="text-(--ui-error)">{{ store.problem }}</p>
        <TextField
          v-model="currency"
          label="Currency"
          class="w-28"
          :maxlength="3"
          @change="(typed) => store.set(['currency'], typed.toUpperCase())"
        />
        <ul class="ruled border-y border-(--ui-border)">
          <li>
            <NuxtLink to="/bench/costs" class="flex min-h-11 items-center underline">
              Tools, people, prices and minutes
            </NuxtLink>
          </li>
          <li>
            <NuxtLink to="/bench/rules" class="flex min-h-11 items-center underline">Rules and profiles</NuxtLink>
          </li>
          <li><NuxtLink to="/bench/parts" class="flex min-h-11 items-center underline">Own parts</NuxtLink></li>
        </ul>
        <BackupPanel />
      </section>
    </main>
  </div>
</template>
