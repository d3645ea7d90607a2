<script setup lang="ts">
import { testProfiles, type TestProfileId } from '~~/core/prove/profiles'

/** A test is chosen and begun: from then on the clock runs. */
const emit = defineEmits<{ begin: [body: { profile: TestProfileId; design: number; medium: 'water' | 'air' }] }>()
defineProps<{ disabled: boolean }>()
const { job } = useOpenJob()
const { say } = useWords()
const profile = ref<TestProfileId>(job.value.units === 'metric' ? 'en806-a' : 'model-code-water')
const design = ref<number | undefined>(job.value.units === 'metric' ? 6 : 5.5)
const items = testProfiles.map(({ meta }) => ({ value: meta.id as TestProfileId, label: meta.name }))
const meta = computed(() => testProfiles.find((of) => of.meta.id === profile.value)!.meta)
const medium = computed(() => meta.value.media[0]!)
const stepWords = { raise: 'raise to', 'top up': 'top up at', lower: 'lower to', hold: 'hold at' } as const
</script>

<template>
  <section class="space-y-3" aria-label="Begin a test">
    <div class="flex flex-wrap items-end gap-3">
      <Choice
        label="Test"
        class="w-64"
        :items="items"
        :model-value="profile"
        @update:model-value="(v) => (profile = v)"
      />
      <TestPressureField
        label="Design pressure"
        class="w-40"
        :least="0.1"
        :most="100"
        :model-value="design"
        @update:model-value="(value) => (design = value)"
      />
      <UButton
        color="primary"
        variant="solid"
        class="min-h-12 text-lg"
        :disabled="disabled || design === undefined"
        label="It is raised: begin"
        @click="emit('begin', { profile, design: design!, medium })"
      />
    </div>
    <p>{{ meta.statement }}</p>
    <ol v-if="design !== undefined" class="list-decimal pl-6">
      <li v-for="(step, index) in meta.steps" :key="index">
        {{ stepWords[step.does] }} {{ say.testPressure(step.bar(design))
        }}<template v-if="step.seconds"> for {{ step.seconds / 60 }} minutes</template>
      </li>
    </ol>
    <p class="text-sm text-muted">
      Look at every joint at a low pressure first. Water before air, air never on plastic unless its maker allows it;
      nobody in front of an end under test; appliances shut off. Local code and a licensed person come first.
    </p>
  </section>
</template>
