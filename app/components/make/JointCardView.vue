<script setup lang="ts">
import type { MethodId } from '~~/core/methods/ids'
import type { Pipe } from '~~/core/catalogue/pipe'
import type { JointCard } from '~~/core/procedure/joint-card'
import type { Reason } from '~~/core/join/verdict'

/** One joint's card: its caution, its section, its steps with their figures, what to look at after. */
defineProps<{
  card: JointCard
  pipe: Pipe
  method: MethodId
  reasons: readonly Reason[]
  where: string
  /** Which way the fitting looks once it is made; empty where it cannot be turned wrong. */
  facing?: string
  /** Named apart from the same joint elsewhere, so that its waits have timers of their own. */
  timer: string
  /** At a slip coupling, which has no stop. */
  slips?: boolean
}>()
</script>

<template>
  <article class="keep-whole">
    <h2 class="heading">{{ card.title }}</h2>
    <p class="text-muted">{{ where }}</p>
    <p v-if="facing" class="font-semibold" data-facing>{{ facing }}.</p>
    <ul class="my-2 border-l-4 border-(--ui-warning) pl-3">
      <li v-for="caution in card.cautions" :key="caution"><SpokenText :text="caution" /></li>
    </ul>
    <ReasonList :reasons="reasons.filter(({ verdict }) => verdict !== 'fits')" />
    <LazyJointSectionView
      v-if="card.insertion"
      class="my-3"
      :pipe="pipe"
      :method="method"
      :depth="card.insertion.mm"
      :slips="slips"
    />
    <p class="mt-2 text-sm"><span class="label">Tools</span> {{ [...card.tools, ...card.consumables].join(', ') }}</p>
    <ol class="ruled my-3 border-y border-(--ui-border)">
      <li v-for="(step, index) in card.steps" :key="index" class="grid gap-x-4 py-2 sm:grid-cols-[1fr_14rem]">
        <p class="flex gap-3 text-lg">
          <span class="font-label font-semibold text-(--ui-primary)">{{ index + 1 }}</span>
          <SpokenText :text="step.text" />
        </p>
        <StepFigureView :step="step" :timer="`${timer}/${index}`" :where="where" />
      </li>
    </ol>
    <dl class="grid gap-x-4 gap-y-1 sm:grid-cols-[7rem_1fr]">
      <template v-if="card.holes">
        <dt class="label">Holes</dt>
        <dd>{{ card.holes }}</dd>
      </template>
      <dt class="label">Look after</dt>
      <dd>{{ card.inspection.join('; ') }}</dd>
      <dt class="label">Common faults</dt>
      <dd><SpokenText :text="card.spoils.join('; ')" /></dd>
      <dt class="label">Taking apart</dt>
      <dd>{{ card.apart }}</dd>
    </dl>
  </article>
</template>
