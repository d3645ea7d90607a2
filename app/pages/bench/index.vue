<script setup lang="ts">
await navigateTo('/bench/identify', { replace: true })
</script>

<template>
  <div />
</template>
