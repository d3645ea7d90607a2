<script setup lang="ts">
import { ruleMetas } from '~~/core/join/rules'

/** Every rule as it speaks of itself: made from the rules, so that it is never out of date. */
</script>

<template>
  <div class="max-w-4xl">
    <p class="mb-3">What every verdict rests on. Local code and the fitting maker’s sheet overrule all of it.</p>
    <ul class="ruled border-y border-(--ui-border)">
      <li v-for="meta in ruleMetas" :key="meta.id" class="py-2">
        <h2 class="heading">{{ meta.statement }}</h2>
        <p>{{ meta.why }}</p>
        <p class="text-sm text-muted">
          {{ meta.id }} · {{ meta.basis
          }}<template v-if="meta.settings.length"> · a profile sets {{ meta.settings.join(', ') }}</template>
        </p>
      </li>
    </ul>
  </div>
</template>
