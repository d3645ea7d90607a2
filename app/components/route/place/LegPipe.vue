<script setup lang="ts">
import type { System } from '~~/core/job/system'
import { setServiceFrom } from '~~/core/edit/runs/part'
import { turnLegs } from '~~/core/edit/runs/turn-round'
import type { Leg } from '~~/core/job/job'
import { serviceIn, pipeIdIn } from '~~/core/job/leg-defaults'
import { services, serviceWords } from '~~/core/job/place'
import { useCatalogueStore } from '~/stores/catalogue'
import { useWorkshopStore } from '~/stores/workshop'

/** Add pipe, or another service, in a leg and all that hangs on it; what joins it to the pipe before is filled in. */
const props = defineProps<{ system: System; leg: Leg }>()
const { problem, attempt } = useRouteEdit()
const own = useCatalogueStore()
const workshop = useWorkshopStore()
/** The search for what joins two pipes is fetched when a pipe is changed. */
async function setPipe(pipe: string): Promise<void> {
  const { changePipe } = await import('~~/core/edit/runs/change-pipe')
  attempt((of) =>
    changePipe({ catalogue: own.catalogue, costs: workshop.costs }, of, randomIds, {
      run: props.system.id,
      leg: props.leg.id,
      pipe,
    }),
  )
}
const serviceItems = services.map((value) => ({ value, label: serviceWords[value] }))
</script>

<template>
  <div class="grid gap-3">
    <p v-if="problem" role="alert" class="text-(--ui-error)">{{ problem }}</p>
    <LazyPipePicker
      label="Pipe of this leg and what follows it"
      :model-value="pipeIdIn(system, leg)"
      @update:model-value="setPipe"
    />
    <Choice
      label="What flows in it and in what follows"
      :items="serviceItems"
      :model-value="serviceIn(system, leg)"
      @update:model-value="(service) => attempt((of) => setServiceFrom(of, system.id, leg.id, service))"
    />
    <PushButton
      label="Reverse leg"
      icon="i-lucide-arrow-left-right"
      class="justify-self-start"
      @click="attempt((of) => turnLegs(of, system.id, [leg.id]))"
    />
  </div>
</template>
