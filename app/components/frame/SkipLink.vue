<script setup lang="ts">
/** The first stop of the Tab key: past the head and the steps, to what the page is for. */
function skip(): void {
  const main = document.querySelector<HTMLElement>('main')
  if (!main) return
  main.tabIndex = -1
  main.focus()
}
</script>

<template>
  <a
    href="#main"
    class="sr-only focus:not-sr-only focus:fixed! focus:top-2 focus:left-2 focus:z-50 focus:flex focus:min-h-11 focus:items-center focus:border focus:border-(--ui-border-accented) focus:bg-(--ui-bg) focus:px-4"
    @click.prevent="skip"
    >To the page itself</a
  >
</template>
