<script setup lang="ts">
import { wordsIn } from '~~/core/glossary/words-in'

/** A sentence whose words of the trade explain themselves when they are pressed. */
const props = defineProps<{ text: string }>()
const { explain } = useHelp()
const stretches = computed(() => wordsIn(props.text))
</script>

<template>
  <span
    ><template v-for="({ text: said, word }, at) in stretches" :key="at"
      ><button
        v-if="word"
        type="button"
        class="cursor-help print:no-underline underline decoration-dotted underline-offset-4"
        :aria-label="`${said}: what it means`"
        @click="explain(word)"
      >
        {{ said }}</button
      ><template v-else>{{ said }}</template></template
    ></span
  >
</template>
