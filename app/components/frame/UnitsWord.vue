<script setup lang="ts">
import type { Units } from '~~/core/quantity/units'

/** The units in use, on a button that changes them; short where there is little room. */
defineProps<{ units: Units }>()
</script>

<template>
  <span v-if="units === 'metric'">mm</span>
  <span v-else><span class="sm:hidden">ft, in</span><span class="max-sm:hidden">feet, inches</span></span>
</template>
