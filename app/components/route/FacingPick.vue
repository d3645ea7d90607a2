<script setup lang="ts">
import { walls, type Wall } from '~~/core/job/kinds'

/** How ways are said in this job: by the compass, or as left and right of who faces a wall. */
const { job, change } = useOpenJob()
const compass = 'compass'
const items = [
  { value: compass, label: 'north, south, east, west' },
  ...walls.map((wall) => ({ value: wall, label: `left, right: facing the ${wall} wall` })),
] as { value: Wall | typeof compass; label: string }[]
const choose = (value: Wall | typeof compass) => change({ ...job.value, facing: value === compass ? undefined : value })
</script>

<template>
  <Choice label="Ways are" :items="items" :model-value="job.facing ?? compass" @update:model-value="choose" />
</template>
