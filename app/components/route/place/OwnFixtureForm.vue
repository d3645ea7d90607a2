<script setup lang="ts">
import { endForms, type KeptFixture } from '~~/core/catalogue/own-fixture'
import { fixtureWaters } from '~~/core/catalogue/tables/fixtures'
import { threadSizes } from '~~/core/catalogue/thread-size'
import { serviceWords } from '~~/core/job/place'

/** A thing that pipe leads to and that no table has: its name, and the thread and the place of each of its ends. */
const props = defineProps<{ fixture: KeptFixture | undefined }>()
const emit = defineEmits<{ save: [fixture: KeptFixture]; cancel: [] }>()
const { trade } = useWords()
const { name, isShutOff, ends, change, formOf, setForm, add, remove, read } = useOwnFixture(props.fixture)
const problem = ref('')
function save(): void {
  const found = read()
  problem.value = 'problem' in found ? found.problem : ''
  if ('fixture' in found) emit('save', found.fixture)
}

const waters = fixtureWaters.map((value) => ({ value, label: serviceWords[value] }))
const sizes = threadSizes.map((value) => ({ value, label: value }))
const forms = computed(() => endForms.map(({ label }) => ({ value: label, label: trade(label) })))
</script>

<template>
  <form class="space-y-3 border-l-2 border-(--ui-border) pl-3" aria-label="Something else" @submit.prevent="save">
    <TextField v-model="name" label="What it is" maxlength="60" placeholder="shower panel" />
    <fieldset v-for="(end, at) in ends" :key="end.id" class="space-y-2">
      <legend class="label text-base">End {{ at + 1 }}</legend>
      <div class="grid grid-cols-2 gap-2">
        <TextField
          label="Called"
          :name="`End ${at + 1}, called`"
          :model-value="end.name"
          maxlength="60"
          @update:model-value="(name) => change(end.id, { name })"
        />
        <Choice
          label="Water"
          :items="waters"
          :model-value="end.water"
          @update:model-value="(water) => change(end.id, { water })"
        />
        <Choice
          :label="`Thread, ${end.system}`"
          :items="sizes"
          :model-value="end.size"
          @update:model-value="(size) => change(end.id, { size })"
        />
        <Choice
          label="It is a"
          :items="forms"
          :model-value="formOf(end)"
          @update:model-value="(label) => setForm(end.id, label)"
        />
        <LengthField
          label="Right of its middle"
          :model-value="end.across"
          :limits="{ min: -3000, max: 3000 }"
          @update:model-value="(across) => change(end.id, { across: across ?? 0 })"
        />
        <LengthField
          label="Over its middle"
          :model-value="end.up"
          :limits="{ min: -3000, max: 3000 }"
          @update:model-value="(up) => change(end.id, { up: up ?? 0 })"
        />
      </div>
      <PushButton
        v-if="ends.length > 1"
        variant="link"
        color="neutral"
        class="px-0"
        :label="`Remove end ${at + 1}`"
        @click="remove(end.id)"
      />
    </fieldset>
    <p class="text-sm text-muted">Left of the middle, or under it, has a minus.</p>
    <PushButton variant="outline" color="neutral" icon="i-lucide-plus" label="Another end" @click="add" />
    <CheckBox v-model="isShutOff" label="Shut off before a test: it has a limit of its own" />
    <p v-if="problem" role="alert">{{ problem }}</p>
    <div class="flex gap-2">
      <PushButton type="submit" label="Save it" />
      <PushButton variant="ghost" color="neutral" label="Cancel" @click="emit('cancel')" />
    </div>
  </form>
</template>
