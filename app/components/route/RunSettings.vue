<script setup lang="ts">
import { removeRun, setRun } from '~~/core/edit/edit-run'
import type { Run } from '~~/core/job/job'
import { services, serviceWords } from '~~/core/job/place'
import { choosePipe } from '~~/core/edit/runs/choose-pipe'
import { turnRun } from '~~/core/edit/runs/turn-round'
import { useCatalogueStore } from '~/stores/catalogue'

/** What holds for a whole run: its name, its pipe and its ends, how it is joined, what flows in it, where it lies. */
const props = defineProps<{ run: Run }>()
const { job, change } = useOpenJob()
const own = useCatalogueStore()
const { methodItems } = useMethods()
const serviceItems = services.map((value) => ({ value, label: serviceWords[value] }))
const set = (part: Partial<Omit<Run, 'id'>>) => change(setRun(job.value, props.run.id, part))
const setPipe = (pipe: string) => change(choosePipe(own.catalogue, job.value, props.run.id, pipe))
</script>

<template>
  <div class="grid gap-3">
    <TextField
      label="Name of the run"
      :model-value="run.name"
      maxlength="120"
      @update:model-value="(name) => set({ name })"
    />
    <LazyPipePicker label="Pipe" :model-value="run.pipe" @update:model-value="setPipe" />
    <div class="grid grid-cols-2 gap-3">
      <Choice
        label="Method"
        :items="methodItems"
        :model-value="run.method"
        @update:model-value="(method) => set({ method })"
      />
      <Choice
        label="Service"
        :items="serviceItems"
        :model-value="run.service"
        @update:model-value="(service) => set({ service })"
      />
    </div>
    <LazyPlaceForm :place="{ ...job.place, ...run.place }" @change="(place) => set({ place })">
      <ConditionForm of="new pipe" :condition="run.condition ?? {}" @change="(condition) => set({ condition })" />
    </LazyPlaceForm>
    <PushButton
      label="Reverse run"
      icon="i-lucide-arrow-left-right"
      variant="outline"
      @click="change(turnRun(job, run.id))"
    />
    <PushButton
      label="Remove run"
      icon="i-lucide-trash-2"
      color="error"
      variant="outline"
      @click="change(removeRun(job, run.id))"
    />
  </div>
</template>
