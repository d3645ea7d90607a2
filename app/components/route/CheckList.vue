<script setup lang="ts">
import type { PlanCheck } from '~~/core/check/rule'

/** What is wrong or open, worst first; a press goes there. */
defineProps<{ checks: readonly PlanCheck[] }>()
const emit = defineEmits<{ go: [check: PlanCheck] }>()
const { tell } = useWords()
</script>

<template>
  <ul class="ruled" aria-label="Checks">
    <li v-for="(check, index) in checks" :key="index" class="flex items-baseline gap-2 px-1 pb-2 text-sm">
      <VerdictMark :verdict="check.verdict" :word="false" />
      <span>
        <PushButton
          variant="ghost"
          class="-my-1 px-1 text-left font-semibold whitespace-normal underline"
          :label="check.where"
          @click="emit('go', check)"
        />
        <SpokenText :text="tell(check)" />
      </span>
    </li>
  </ul>
</template>
