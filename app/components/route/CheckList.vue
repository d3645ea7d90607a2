<script setup lang="ts">
import type { PlanCheck } from '~~/core/check/rule'

/** What is wrong or open, worst first; a press goes there. */
defineProps<{ checks: readonly PlanCheck[] }>()
const emit = defineEmits<{ go: [check: PlanCheck] }>()
const { tell } = useWords()
</script>

<template>
  <ul class="ruled" aria-label="Checks">
    <li v-for="(check, index) in checks" :key="index">
      <PushButton
        variant="ghost"
        class="w-full items-start justify-start px-1 text-left whitespace-normal"
        @click="emit('go', check)"
      >
        <VerdictMark :verdict="check.verdict" :word="false" class="pt-1" />
        <span class="text-sm"
          ><span class="font-semibold">{{ check.where }}:</span> {{ tell(check) }}
        </span>
      </PushButton>
    </li>
  </ul>
</template>
