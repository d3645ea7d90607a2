<script setup lang="ts">
import { drainings, waterInAll } from '~~/core/assembly/draining'
import { formatWait } from '~~/core/quantity/words/format-duration'
import { useCatalogueStore } from '~/stores/catalogue'
import { useLogStore } from '~/stores/log'

/** Draining and filling: what to shut, what to open, how much comes, what stays; one press writes down that it was done. */
defineProps<{ printed?: boolean }>()
const { built: job } = useOpenJob()
const { say } = useWords()
const own = useCatalogueStore()
const log = useLogStore()
const runs = computed(() => drainings(own.catalogue, job.value))
const isNamed = computed(() => log.who.trim() !== '')
const dose = ref('')
const whole = computed(() => waterInAll(runs.value))
const write = (kind: 'isolated' | 'filled', says: string, litres: number) =>
  log.write({ kind, subject: {}, body: { litres } }, says)
const purged = () => log.write({ kind: 'purged', subject: {}, body: {} }, 'purged of air')
function addDose(): void {
  log.write({ kind: 'dosed', subject: {}, body: { with: dose.value.trim() } }, 'dosed')
  dose.value = ''
}
</script>

<template>
  <section class="space-y-3" aria-label="Draining and filling">
    <h2 class="heading">Draining and filling</h2>
    <div v-for="run in runs" :key="run.run" class="space-y-1 border-l-4 border-(--ui-border) pl-3">
      <p class="font-semibold">{{ run.run }}: holds {{ say.volume(run.litres) }}</p>
      <p v-if="run.shut.length">Shut the water off before {{ run.shut.join(' and ') }}, and prove it at an outlet.</p>
      <p v-if="run.lowest && run.runsOff > 0">
        Bucket under {{ run.lowest }}<template v-if="run.highest !== run.lowest">, then open {{ run.highest }}</template
        >: {{ say.volume(run.runsOff) }} to run off<template v-if="run.seconds !== null">
          in about {{ formatWait(Math.max(1, Math.round(run.seconds))) }}</template
        >; {{ run.buckets }} {{ run.buckets === 1 ? 'bucket' : 'buckets' }} of {{ say.volume(run.bucket) }}.
      </p>
      <p v-else-if="run.lowest" class="text-(--ui-warning)">
        Nothing runs off at {{ run.lowest }}: the pipe is below it and drains where it is cut or opened.
      </p>
      <p v-else class="text-(--ui-warning)">No outlet to drain at: it drains where it is cut or opened.</p>
      <p v-for="kept in run.keeps" :key="kept.where" class="text-(--ui-warning)">
        {{ say.volume(kept.litres) }} won’t drain at {{ kept.where }}.
      </p>
    </div>
    <p>
      Fill slowly from the lowest point, the highest outlets open until they run without spitting; valves and washers
      in. It takes {{ say.volume(whole.litres) }}.
    </p>
    <div v-if="!printed" class="flex flex-wrap items-end gap-2">
      <PushButton
        :disabled="!isNamed"
        label="Shut off and drained"
        @click="write('isolated', 'shut off and drained', whole.runsOff)"
      />
      <PushButton :disabled="!isNamed" label="Filled" @click="write('filled', 'filled', whole.litres)" />
      <PushButton :disabled="!isNamed" label="Purged of air" @click="purged" />
      <TextField v-model="dose" label="Dosed with" class="w-40" :maxlength="120" />
      <PushButton :disabled="!isNamed || dose.trim() === ''" label="Dosed" @click="addDose" />
      <WhyNot :wants="!isNamed ? 'Type your name first.' : dose.trim() === '' ? 'Dosed: type what with.' : ''" />
    </div>
    <p class="text-sm text-muted">
      From the bores and heights drawn, typical; existing pipe that was not measured comes on top. Hot water scalds: let
      it cool first. Heating: switch it off and let a plastic line down without pressure.
    </p>
  </section>
</template>
