<script setup lang="ts">
/** The bar of every page: the way home, and light or dark. */
const { word, icon, toggle } = useDark()
</script>

<template>
  <div class="flex flex-wrap items-center gap-x-1 gap-y-1 px-3 sm:gap-x-4 py-1.5">
    <NuxtLink
      to="/"
      class="flex min-h-11 items-center gap-2 font-label text-xl font-semibold"
      aria-label="Jolvet, all jobs"
    >
      <img src="/icon.svg" alt="" class="size-7" /><span :class="$slots.default ? 'max-sm:hidden' : ''">Jolvet</span>
    </NuxtLink>
    <slot />
    <PushButton variant="ghost" :class="$slots.default ? '' : 'ml-auto'" :aria-label="word" @click="toggle">
      <UIcon :name="icon" class="size-5" />
    </PushButton>
  </div>
</template>
