<script setup lang="ts">
import type { Part } from '~~/core/catalogue/part'

/** How sure a figure is, where it is from, and who says so. */
const tolerance = defineModel<number>('tolerance', { required: true })
const basis = defineModel<Part['basis']>('basis', { required: true })
const by = defineModel<string>('by', { required: true })
const note = defineModel<string>('note', { required: true })
const bases = [
  { value: 'measured', label: 'measured' },
  { value: 'maker', label: 'maker’s sheet' },
] as const
</script>

<template>
  <LengthField v-model="tolerance" label="±" :limits="{ min: 0, max: 20 }" />
  <Choice v-model="basis" label="Where it is from" :items="bases" />
  <TextField v-model="by" label="By" :maxlength="80" autocomplete="name" />
  <TextField v-model="note" label="Note" class="col-span-2" :maxlength="200" />
</template>
