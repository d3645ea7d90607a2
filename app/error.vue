<script setup lang="ts">
import type { NuxtError } from '#app'

/** The whole page failed. */
const props = defineProps<{ error: NuxtError }>()
const isMissing = computed(() => props.error.statusCode === 404)
const again = () => reloadNuxtApp({ force: true })
useHead({ title: 'Jolvet' })
</script>

<template>
  <div class="min-h-dvh bg-(--ui-bg) text-(--ui-text)">
    <TopBar
      ><h1 class="heading">{{ isMissing ? 'There is no such page' : 'The page failed' }}</h1></TopBar
    >
    <main id="main" class="p-3">
      <p v-if="isMissing">
        <NuxtLink to="/" external class="underline">All jobs</NuxtLink>
      </p>
      <LazyBrokenPart v-else :error="error.message" @again="again" />
    </main>
  </div>
</template>
