<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { marksAtNodes, type JointMark } from '~~/core/draw/joint-mark'
import { solidsOf, type Solid } from '~~/core/draw/solids'
import { serviceWords, type Service } from '~~/core/job/place'
import { systemName } from '~~/core/run/names'
import type { System } from '~~/core/job/system'
import type { roundScene } from '~/drawing/round-scene'
import { download } from '~/saving/download'
import { fileName } from '~/saving/file-name'
import { useCatalogueStore } from '~/stores/catalogue'
import { useSelectionStore } from '~/stores/selection'

/** The pipework as solids to scale, turned by a finger or by the arrow keys; what is pressed is selected. */
const props = defineProps<{
  system: System
  leg: string
  node: string
  marks: ReadonlyMap<string, JointMark>
}>()
const emit = defineEmits<{ leg: [id: string]; node: [id: string] }>()
const own = useCatalogueStore()
const { store, job, plan } = useOpenJob()
const selection = useSelectionStore()
/** The joints of what was pressed, each with its card. */
const joints = computed(() => plan.value.joints.filter(({ node }) => node === props.node))
const host = useTemplateRef<HTMLDivElement>('host')
const { width, height } = useElementSize(host)
const scene = shallowRef<ReturnType<typeof roundScene> | null>(null)
const cannot = ref(false)
const by = ref<'material' | 'service' | 'state'>('material')
const { trade } = useWords()
const ways = computed(() => [
  { value: 'material', label: trade('Colour by material') },
  { value: 'service', label: 'by what flows in it' },
  { value: 'state', label: 'by how far it is made' },
])
const solids = computed(() => solidsOf(own.catalogue, props.system))
const atNodes = computed(() => marksAtNodes(props.marks))

const services: Readonly<Record<Service, string>> = {
  cold: '#2f5d86',
  hot: '#9b2d1f',
  recirculation: '#b8860b',
  'heating-flow': '#c2571a',
  'heating-return': '#6f8fae',
  relief: '#7a7a74',
}
const states: Readonly<Record<JointMark, string>> = {
  'not OK': '#9b2d1f',
  'to make': '#9a958b',
  made: '#b8860b',
  inspected: '#3f7a63',
  tested: '#1f5a45',
}
/** Pipe, and what stands about it a shade darker. */
const materials = {
  leg: { copper: '#c06f3a', plastic: '#5b8fbd', steel: '#7d7d79' },
  node: { copper: '#8a4a1e', plastic: '#8c6f3c', steel: '#4a4a48' },
} as const
function colourOf({ of, id, ink, service }: Solid): string {
  if (id === (of === 'leg' ? props.leg : props.node)) return '#e8a86a'
  if (by.value === 'service') return services[service]
  if (by.value === 'state') return of === 'node' ? states[atNodes.value.get(id) ?? 'to make'] : '#cfc8bb'
  return materials[of][ink as keyof typeof materials.leg] ?? materials[of].copper
}
/** What the colours mean. */
const legend = computed(() => {
  if (by.value === 'service')
    return [...new Set(solids.value.map(({ service }) => service))].map((of) => ({
      word: serviceWords[of],
      colour: services[of],
    }))
  if (by.value === 'state') return Object.entries(states).map(([word, colour]) => ({ word, colour }))
  return []
})
onMounted(async () => {
  const { roundScene } = await import('~/drawing/round-scene')
  if (!host.value) return
  try {
    scene.value = roundScene(host.value, ({ of, id }) => (of === 'leg' ? emit('leg', id) : emit('node', id)))
  } catch {
    cannot.value = true
    return
  }
  scene.value.resize(width.value, height.value)
  scene.value.show(solids.value, colourOf)
})
watch([width, height], () => scene.value?.resize(width.value, height.value))
watch(solids, () => scene.value?.show(solids.value, colourOf))
watch([by, () => props.leg, () => props.node, atNodes], () => scene.value?.colour(solids.value, colourOf))
onBeforeUnmount(() => scene.value?.dispose())
async function save(): Promise<void> {
  const file = await scene.value?.glb()
  if (file) download(fileName(job.value.title, systemName(job.value, props.system), 'glb'), 'model/gltf-binary', file)
}
</script>

<template>
  <div class="flex h-full w-full flex-col">
    <p v-if="cannot" class="p-4" role="alert">
      This browser draws nothing in the round. The flat drawing shows all of it.
    </p>
    <div
      v-else
      ref="host"
      class="min-h-0 w-full flex-1 touch-none"
      tabindex="0"
      role="application"
      aria-label="The pipework in the round: arrow keys turn it"
      @keydown.left.stop.prevent="scene?.turn(-10)"
      @keydown.right.stop.prevent="scene?.turn(10)"
    />
    <div v-if="!cannot" class="no-print flex flex-wrap items-end gap-1">
      <Choice v-model="by" :label="trade('Colours')" bare :items="ways" />
      <ul class="flex flex-1 flex-wrap gap-x-3 self-center text-sm">
        <li v-for="{ word, colour } in legend" :key="word" class="flex items-center gap-1">
          <span class="size-3 border border-(--ui-border)" :style="{ background: colour }" />{{ word }}
        </li>
      </ul>
      <PushButton
        v-for="{ id, number } in joints"
        :key="id"
        variant="ghost"
        :to="`/jobs/${store.id}/make`"
        @click="selection.joint = id"
      >
        Card of joint {{ number }}
      </PushButton>
      <PushButton variant="ghost" @click="scene?.fit()">Fit</PushButton>
      <PushButton variant="ghost" @click="save">glTF</PushButton>
    </div>
  </div>
</template>
