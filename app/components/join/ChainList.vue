<script setup lang="ts">
import { shippedFitting } from '~~/core/catalogue/fittings'
import type { Chain } from '~~/core/join/chains/chain'
import { inLine } from '~~/core/join/chains/chain-by-piece'

/** The chains of fittings that join the two pipes, least trouble first. */
defineProps<{ chains: readonly Chain[]; chosen: readonly string[] | undefined; choosable?: boolean }>()
const { money } = useMoney()
const { tell } = useWords()
const { methodName, methodTool } = useMethods()
const toolsOf = ({ tools }: Chain) => [...new Set(tools.map(methodTool))].join(' + ')
const cautionsOf = ({ joints }: Chain) => [
  ...new Set(joints.flatMap(({ reasons }) => reasons.filter(({ verdict }) => verdict === 'caution').map(tell))),
]
const drawnOf = ({ fittings }: Chain) => fittings.flatMap(({ id }) => shippedFitting(id) ?? [])
const emit = defineEmits<{ look: [index: number]; choose: [chain: Chain] }>()
const isChosen = (chain: Chain, chosen: readonly string[] | undefined) =>
  chosen?.join('+') === chain.fittings.map(({ id }) => id).join('+')
</script>

<template>
  <ol class="ruled border-y border-(--ui-border)" aria-label="Fittings between the two">
    <li
      v-for="(chain, index) in chains"
      :key="index"
      class="flex flex-wrap items-center gap-x-4 gap-y-1 py-2"
      @pointerenter="emit('look', index)"
    >
      <div class="min-w-0 flex-1 basis-64">
        <div class="flex flex-wrap" aria-hidden="true">
          <FittingSketch v-for="fitting in drawnOf(chain)" :key="fitting.id" :fitting="fitting" small />
        </div>
        <div class="font-label text-lg font-semibold">{{ inLine(chain).join(' + ') }}</div>
        <div class="text-sm text-muted">
          {{ chain.joints.length }} joints: {{ chain.joints.map(({ method }) => methodName(method)).join(' · ') }}
        </div>
        <div class="text-sm">
          {{ chain.minutes }} min · about {{ money(chain.cost) }} ·
          {{ chain.hot ? (chain.hot === 1 ? '1 soldered joint' : `${chain.hot} soldered joints`) : 'no flame' }} ·
          {{ toolsOf(chain) }}
        </div>
        <ul v-if="chain.verdict === 'caution'" class="text-sm text-(--ui-warning)">
          <li v-for="text in cautionsOf(chain)" :key="text">{{ text }}</li>
        </ul>
      </div>
      <VerdictMark :verdict="chain.verdict" />
      <PushButton
        v-if="choosable"
        :label="isChosen(chain, chosen) ? 'In use' : 'Use'"
        :aria-label="`${isChosen(chain, chosen) ? 'In use' : 'Use'}: ${inLine(chain).join(' + ')}`"
        :color="isChosen(chain, chosen) ? 'success' : 'neutral'"
        :variant="isChosen(chain, chosen) ? 'solid' : 'outline'"
        @click="emit('choose', chain)"
      />
    </li>
  </ol>
</template>
