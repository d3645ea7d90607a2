<script setup lang="ts">
import type { MethodId } from '~~/core/methods/ids'
import { partSchema, takeOffFromFace, type Part } from '~~/core/catalogue/part'
import { partFittings, type PartEnd, type PartFitting } from '~~/core/catalogue/part-key'
import { shippedSockets } from '~~/core/catalogue/socket'
import { useCatalogueStore } from '~/stores/catalogue'

/** One part measured in the hand: depth of its socket, centre to face; the take-off follows. */
const emit = defineEmits<{ record: [parts: Part[]] }>()
const { length, tolerance: toleranceText, trade } = useWords()
const own = useCatalogueStore()

const method = ref<MethodId>('solder')
const socketId = ref('')
const fitting = ref<PartFitting>('elbow-90')
const end = ref<PartEnd>('run')
const face = ref<number>()
const depth = ref<number>()
const { tolerance, basis, by, note, said } = usePartSource()
const problem = ref('')

const { methodItems } = useMethods()
const socketItems = computed(() =>
  shippedSockets
    .filter((socket) => socket.method === method.value)
    .map((socket) => ({ value: socket.id, label: `${socket.label} (${socket.system})` })),
)
const fittingItems = partFittings.map((value) => ({ value, label: value.replace('-', ' ') }))
const socket = computed(() => own.catalogue.sockets.find(({ id }) => id === socketId.value))
/** The depth that the take-off rests on: as measured here, or as the catalogue has it. */
const held = computed(() =>
  depth.value === undefined
    ? (socket.value?.insertion ?? null)
    : { mm: depth.value, tolerance: tolerance.value, basis: basis.value },
)
const takeOff = computed(() =>
  face.value === undefined || held.value === null
    ? null
    : takeOffFromFace({ mm: face.value, tolerance: tolerance.value }, held.value),
)
watch(method, () => (socketId.value = ''))

function record(): void {
  const common = { ...said.value, socket: socketId.value }
  const entries = [
    ...(depth.value === undefined ? [] : [{ ...common, end: 'either', mm: depth.value }]),
    ...(takeOff.value === null
      ? []
      : [
          {
            ...common,
            fitting: fitting.value,
            end: fitting.value === 'tee' ? end.value : 'either',
            ...takeOff.value,
          },
        ]),
  ]
  if (entries.length === 0) {
    problem.value =
      face.value === undefined
        ? trade('Enter the socket depth, the centre-to-face length, or both.')
        : 'The depth of this socket is not in the catalogue: enter it too; the take-off follows from it.'
    return
  }
  const read = entries.map((entry) => partSchema.safeParse(entry))
  const issue = read.flatMap(({ error }) => error?.issues ?? [])[0]
  problem.value = issue ? `${String(issue.path[0])}: ${issue.message}` : ''
  if (!issue)
    emit(
      'record',
      read.flatMap(({ data }) => (data ? [data] : [])),
    )
}
</script>

<template>
  <form class="space-y-3" aria-label="Measure a part" @submit.prevent="record">
    <h2 class="heading">Measure a part</h2>
    <div class="grid grid-cols-2 gap-3">
      <Choice v-model="method" label="Method" :items="methodItems" />
      <Choice v-model="socketId" label="Size" :items="socketItems" placeholder="which size" />
      <LengthField v-model="depth" label="Depth of the socket" optional :limits="{ min: 1, max: 500 }" />
      <LengthField v-model="face" :label="trade('Centre to face')" optional :limits="{ min: 1, max: 500 }" />
      <Choice v-model="fitting" label="Fitting" :items="fittingItems" />
      <Choice
        v-if="fitting === 'tee'"
        v-model="end"
        label="End of the tee"
        :items="[
          { value: 'run', label: 'run' },
          { value: 'branch', label: 'branch' },
        ]"
      />
      <PartSource v-model:tolerance="tolerance" v-model:basis="basis" v-model:by="by" v-model:note="note" />
    </div>
    <Readout
      :label="`Take-off of the ${fitting.replace('-', ' ')}`"
      :value="takeOff === null ? 'unknown' : length(takeOff.mm)"
      :tolerance="takeOff === null ? '' : toleranceText(takeOff.tolerance)"
      :basis="trade(`centre to face less depth (${held?.basis ?? 'unknown'})`)"
    />
    <p v-if="problem" role="alert" class="text-(--ui-error)">{{ problem }}</p>
    <PushButton type="submit" color="primary" variant="solid" :disabled="socketId === ''">Record it</PushButton>
    <WhyNot :wants="socketId === '' ? 'Choose the socket first.' : ''" />
  </form>
</template>
