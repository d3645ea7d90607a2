<script setup lang="ts">
import { vanTable } from '~~/core/day/van-tables'
import { isLow, vanKey, type VanItem } from '~~/core/van/van'

/** What is in the van, for everybody who works from it. */
const store = useVan()
const { units } = useWords()
const sought = ref('')
/** What is low first, what ran out last. */
const placeOf = (of: VanItem): number => (isLow(of) ? 0 : of.count > 0 ? 1 : 2)
const items = computed(() => {
  const found = store.van.items.filter(({ what }) => holdsWords(what, sought.value))
  return found.toSorted((a, b) => placeOf(a) - placeOf(b) || a.what.localeCompare(b.what))
})
const low = computed(() => store.van.items.filter(isLow).length)
const what = ref('')
const count = ref<number | undefined>(1)
const wants = computed(() => (what.value.trim() === '' ? 'Say what it is.' : ''))
function add(): void {
  const name = what.value.trim()
  const known = store.van.items.find((of) => of.what.toLowerCase() === name.toLowerCase() && of.mm === null)
  store.book([{ item: known?.item ?? `own ${name.toLowerCase()}`, what: name, mm: null, count: count.value ?? 0 }])
  what.value = ''
}
const { csv } = useListFiles(() => 'Workshop')
useHead({ title: 'Van · Jolvet' })
</script>

<template>
  <div>
    <header class="border-b border-(--ui-border) bg-(--ui-bg-muted)">
      <TopBar>
        <h1 class="heading mr-auto">Van</h1>
        <HelpButtons />
      </TopBar>
    </header>
    <main id="main" class="step mx-auto max-w-3xl space-y-4 p-4">
      <p v-if="store.problem" role="alert" class="text-(--ui-error)">{{ store.problem }}</p>
      <div class="flex flex-wrap items-end gap-3">
        <TextField v-model="sought" label="Find" class="min-w-0 flex-1" :maxlength="80" />
        <PushButton variant="ghost" icon="i-lucide-download" @click="csv(vanTable(store.van, units))">CSV</PushButton>
      </div>
      <p v-if="low > 0" class="text-(--ui-warning)">
        {{ low === 1 ? 'One thing is low: it stands first.' : `${low} things are low: they stand first.` }}
      </p>
      <p v-if="store.van.items.length === 0">
        Nothing booked in yet. <NuxtLink to="/day" class="underline">What to bring</NuxtLink> of a day puts in what its
        jobs need; anything else is added below.
      </p>
      <p v-else-if="items.length === 0">Nothing in the van is called that.</p>
      <ul v-else class="ruled border-y border-(--ui-border)" aria-label="In the van">
        <VanThing
          v-for="item in items"
          :key="vanKey(item)"
          :item="item"
          @book="(of) => store.book([{ item: item.item, what: item.what, mm: item.mm, ...of }])"
        />
      </ul>
      <section aria-label="Add something" class="flex flex-wrap items-end gap-3">
        <TextField v-model="what" label="Something else" class="min-w-0 flex-1 basis-48" :maxlength="150" />
        <NumberField v-model="count" label="How many" class="w-28" whole :least="1" :most="9999" />
        <PushButton label="Put it in" icon="i-lucide-plus" :disabled="wants !== ''" @click="add" />
        <WhyNot :wants="wants" />
      </section>
    </main>
  </div>
</template>
