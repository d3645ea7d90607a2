<script setup lang="ts">
import { isolations, type Isolated, type Isolation } from '~~/core/prove/isolation'

/** What is shut off, plugged or taken off before the pressure goes on, thing by thing; of what is left on, what it bears. */
const props = defineProps<{ asked: readonly string[] }>()
const isolated = defineModel<readonly Isolated[]>({ required: true })
const more = ref('')
const names = computed(() => [
  ...props.asked,
  ...isolated.value.map(({ what }) => what).filter((what) => !props.asked.includes(what)),
])
const of = (what: string) => isolated.value.find((known) => known.what === what)
function set(what: string, change: Partial<Isolated>): void {
  const known: Isolated = { what, did: 'shut off', ...of(what), ...change }
  isolated.value = of(what)
    ? isolated.value.map((each) => (each.what === what ? known : each))
    : [...isolated.value, known]
}
function add(): void {
  const what = more.value.trim()
  if (what && !names.value.includes(what)) set(what, {})
  more.value = ''
}
const items = isolations.map((value) => ({ value, label: value }))
const answer = (what: string, did: Isolation) => set(what, { did, ...(did === 'left on' ? {} : { bar: undefined }) })
</script>

<template>
  <details :open="asked.length > 0">
    <summary class="min-h-11 cursor-pointer py-2">
      Shut off or plugged before the pressure goes on
      <template v-if="isolated.length">: {{ isolated.length }} of {{ names.length }}</template>
    </summary>
    <ul v-if="names.length" class="ruled max-w-3xl border-y border-(--ui-border)">
      <li v-for="what in names" :key="what" class="flex flex-wrap items-center gap-x-4 gap-y-1 py-1">
        <span class="min-w-0 flex-1 basis-40 first-letter:uppercase">{{ what }}</span>
        <TestPressureField
          v-if="of(what)?.did === 'left on'"
          label="Bears"
          class="w-28"
          :least="0.1"
          :most="100"
          :model-value="of(what)?.bar"
          @update:model-value="(bar) => set(what, { bar })"
        />
        <Choice
          :label="what"
          class="w-36"
          bare
          placeholder="not said"
          :items="items"
          :model-value="of(what)?.did"
          @update:model-value="(did) => answer(what, did)"
        />
      </li>
    </ul>
    <form class="mt-2 flex flex-wrap items-end gap-2" @submit.prevent="add">
      <TextField v-model="more" label="Something else" class="w-56" :maxlength="80" />
      <PushButton type="submit" :disabled="more.trim() === ''" label="Add" />
    </form>
  </details>
</template>
