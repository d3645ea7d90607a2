<script setup lang="ts">
import { shippedCatalogue } from '~~/core/catalogue/catalogue'
import { findPipes } from '~~/core/survey/find-pipe'
import { regionAsked } from '~~/core/survey/region-asked'
import { useDecidedStore } from '~/stores/decided'

/** A pipe by what people say of it: the job's own first, then what is common where it stands. */
const props = defineProps<{ label: string; modelValue: string | undefined }>()
const emit = defineEmits<{ 'update:modelValue': [id: string] }>()
const open = useDecidedStore()
const { units } = useWords()
const said = ref('')
const used = computed(() => [
  ...new Set([
    ...(props.modelValue ? [props.modelValue] : []),
    ...[...(open.job?.runs ?? []), ...(open.job?.legs ?? [])].flatMap(({ pipe }) => pipe ?? []),
    ...(open.job?.surveys ?? []).flatMap(({ pipe }) => pipe ?? []),
  ]),
])
const region = computed(
  () => regionAsked(open.job?.surveys.find((survey) => survey.region)?.region, units.value) ?? 'britain',
)
const items = computed(() =>
  findPipes(shippedCatalogue.pipes, said.value, { used: used.value, region: region.value }).map(({ id, label }) => ({
    value: id,
    label,
  })),
)
/** What is chosen keeps its name while another is looked for. */
const chosen = computed(() => shippedCatalogue.pipe(props.modelValue ?? '')?.label)
</script>

<template>
  <LongList
    v-model:said="said"
    :label="label"
    :model-value="modelValue"
    :items="items"
    :chosen="chosen"
    found
    placeholder="Choose a pipe"
    search-placeholder="22 copper, 1/2 L, pex 1/2"
    @update:model-value="(id) => emit('update:modelValue', id)"
  >
    <template #empty>No pipe of that name: try its size and material, such as 22 copper.</template>
  </LongList>
</template>
