<script setup lang="ts">
import { signatureField, signaturePath, type Signature } from '~~/core/log/signature'

/** A signature as it was drawn. */
defineProps<{ signature: Signature; of: string }>()
</script>

<template>
  <svg
    :viewBox="`0 0 ${signatureField.width} ${signatureField.height}`"
    class="h-16 w-48"
    role="img"
    :aria-label="`Signature of ${of}`"
    fill="none"
    stroke="currentColor"
    stroke-width="8"
    stroke-linecap="round"
    stroke-linejoin="round"
  >
    <path :d="signaturePath(signature)" />
  </svg>
</template>
