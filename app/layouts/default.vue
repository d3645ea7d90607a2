<template>
  <div class="min-h-dvh bg-(--ui-bg) text-(--ui-text)">
    <slot />
  </div>
</template>
