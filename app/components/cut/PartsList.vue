<script setup lang="ts">
import { shippedFitting } from '~~/core/catalogue/fittings'
import type { Bar } from '~~/core/cut/stock'
import { stockToBring } from '~~/core/cut/to-bring'
import type { Plan } from '~~/core/plan/types'

/** What to bring: lengths of pipe, fittings, rings and inserts, clips, counted; solder, tape and what comes by the tin. */
const props = defineProps<{ plan: Plan; laid: ReadonlyMap<string, readonly Bar[]> | null; ticks?: boolean }>()
const lengths = computed(() => (props.laid ? stockToBring(props.plan.stock, props.laid) : []))
const { length, say } = useWords()
const tradeWord = (label: string) => say.value.trade(label)
</script>

<template>
  <table class="w-full text-left" aria-label="What to bring">
    <tbody class="ruled">
      <tr v-if="!laid" class="h-9" data-not-laid>
        <td />
        <td class="text-muted">Lengths of pipe: not planned yet.</td>
      </tr>
      <tr v-for="{ label, count, length: each } in lengths" :key="label" class="h-9">
        <td class="w-16 pr-3 text-right font-label text-lg font-semibold whitespace-nowrap">
          <TickBox v-if="ticks" class="mr-2" />{{ count }}
        </td>
        <td>{{ count === 1 ? 'length' : 'lengths' }} of {{ length(each) }}: {{ label }}</td>
      </tr>
      <tr v-for="fitting in plan.fittings" :key="fitting.label" class="h-9">
        <td class="w-16 pr-3 text-right font-label text-lg font-semibold whitespace-nowrap">
          <TickBox v-if="ticks" class="mr-2" />{{ fitting.count }}
        </td>
        <td>
          <span class="flex items-center gap-2">
            <FittingSketch v-if="shippedFitting(fitting.item)" :fitting="shippedFitting(fitting.item)!" small />{{
              fitting.label
            }}
          </span>
        </td>
      </tr>
      <tr v-for="sundry in plan.sundries" :key="sundry.item" class="h-9">
        <td class="w-16 pr-3 text-right font-label text-lg font-semibold whitespace-nowrap">
          <TickBox v-if="ticks" class="mr-2" />{{ sundry.count }}
        </td>
        <td>{{ tradeWord(sundry.label) }}</td>
      </tr>
      <tr v-for="clip in plan.clipCounts" :key="clip.item" class="h-9">
        <td class="w-16 pr-3 text-right font-label text-lg font-semibold whitespace-nowrap">
          <TickBox v-if="ticks" class="mr-2" />{{ clip.count }}
        </td>
        <td>{{ clip.label }}</td>
      </tr>
      <tr v-for="fixture in plan.fixtures" :key="fixture.item" class="h-9">
        <td class="w-16 pr-3 text-right font-label text-lg font-semibold whitespace-nowrap">
          <TickBox v-if="ticks" class="mr-2" />{{ fixture.count }}
        </td>
        <td>{{ tradeWord(fixture.label) }}, unless it is there</td>
      </tr>
      <tr v-for="{ item, label, mm } in plan.supplies" :key="item" class="h-9">
        <td class="w-16 pr-3 text-right font-label text-lg font-semibold whitespace-nowrap">
          <TickBox v-if="ticks" class="mr-2" />
        </td>
        <td>
          {{ tradeWord(label) }}<template v-if="mm !== null">, {{ length(mm) }}</template>
        </td>
      </tr>
    </tbody>
  </table>
</template>
