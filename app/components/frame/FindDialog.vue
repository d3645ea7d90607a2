<script setup lang="ts">
import { steps } from '~~/core/plan/progress'
import { useJobStore } from '~/stores/job'
import { useSelectionStore } from '~/stores/selection'
import { readJobs } from '~/sync/server'

/** One search over pages, jobs, this job's steps and joints, and the questions of the bench. */
const { isFinding } = useHelp()
const store = useJobStore()
const selection = useSelectionStore()
const route = useRoute()
const jobs = shallowRef<readonly { readonly id: string; readonly title: string }[]>([])
watch(
  isFinding,
  async (open) => {
    if (open) jobs.value = (await readJobs(null))?.jobs ?? []
  },
  { immediate: true },
)
const places = [
  ...steps.map((step) => [step, stepNames[step]] as const),
  ['estimate', 'Estimate'] as const,
  ['print', 'Print'] as const,
]
const isInJob = computed(() => store.job !== null && route.path.startsWith('/jobs/'))
const close = () => (isFinding.value = false)
const joints = computed(() =>
  (isInJob.value ? (store.plan?.joints ?? []) : []).map(({ id, number, run }) => ({
    label: `Joint ${number}`,
    suffix: store.job?.runs.find((of) => of.id === run)?.name,
    async onSelect() {
      selection.joint = id
      close()
      await navigateTo(`/jobs/${store.id}/make`)
    },
  })),
)
const groups = computed(() => [
  ...(isInJob.value
    ? [
        {
          id: 'steps',
          label: store.job!.title,
          items: places.map(([step, label]) => ({ label, to: `/jobs/${store.id}/${step}`, onSelect: close })),
        },
        { id: 'joints', label: 'Joints', items: joints.value },
      ]
    : []),
  {
    id: 'questions',
    label: 'Questions',
    items: benchTabs.map(({ to, word }) => ({ label: word, to, onSelect: close })),
  },
  {
    id: 'jobs',
    label: 'Jobs',
    items: jobs.value.map(({ id, title }) => ({ label: title, to: `/jobs/${id}`, onSelect: close })),
  },
  {
    id: 'pages',
    label: 'Pages',
    items: [
      { label: 'All jobs', to: '/', onSelect: close },
      { label: 'Day', to: '/day', onSelect: close },
      { label: 'Van', to: '/van', onSelect: close },
      { label: 'Begin a job from an everyday call', to: '/begin', onSelect: close },
      { label: 'Check a record', to: '/verify', onSelect: close },
      { label: 'Settings', to: '/settings', onSelect: close },
    ],
  },
])
</script>

<template>
  <UModal v-model:open="isFinding" title="Find" description="A page, a job, a joint, a question.">
    <template #content>
      <UCommandPalette
        :groups="groups"
        placeholder="Find a page, a job, a joint"
        class="h-[70dvh]"
        close
        @update:open="close"
      />
    </template>
  </UModal>
</template>
