<script setup lang="ts">
import type { PlanJoint } from '~~/core/pipework/planned'
import { rescuesOf } from '~~/core/procedure/rescue'

/** A joint that is not OK: how it is put right, what is saved, whether the piece still reaches, what to bring. */
const props = defineProps<{ joint: PlanJoint }>()
const { plan } = useOpenJob()
const { tell, trade } = useWords()
const { pipeOf } = useJointCards()
const ways = computed(() => {
  const { joint } = props
  const fitting = plan.value.parts.find(({ id }) => id === joint.between[0].part)?.label ?? ''
  const piece = plan.value.pieces.find(({ id }) => id === joint.piece) ?? null
  return rescuesOf({ joint, pipe: pipeOf(joint), piece, fitting })
})
</script>

<template>
  <section class="border-l-4 border-(--ui-error) pl-3" aria-label="Put it right">
    <h3 class="heading">Not OK: put it right</h3>
    <p class="text-sm text-muted">Water off and drained first; let hot pipe cool.</p>
    <ol class="ruled">
      <li v-for="{ way, how, pipe, savesFitting, bring } in ways" :key="way" class="py-2">
        <p class="text-lg"><SpokenText :text="`${tell(how)}.`" /></p>
        <p class="first-letter:uppercase">
          <SpokenText :text="tell(pipe)" />; {{ savesFitting ? 'the fitting is saved' : 'the fitting is lost' }}.
        </p>
        <p v-if="bring.length"><span class="label">Bring</span> {{ trade(bring.join(', ')) }}</p>
      </li>
    </ol>
  </section>
</template>
