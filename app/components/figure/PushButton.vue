<script setup lang="ts">
import { NuxtLink } from '#components'

/**
 * A button, or a way to another page that looks like one. Drawn by the style sheet alone (assets/controls.css): the
 * common library's builds five components and its classes anew for each, and a page here has forty of them.
 */
const props = defineProps<{
  label?: string
  icon?: string
  trailingIcon?: string
  variant?: 'outline' | 'solid' | 'ghost' | 'soft' | 'link'
  color?: 'neutral' | 'primary' | 'success' | 'error'
  type?: 'button' | 'submit'
  /** Chosen among its neighbours. */
  active?: boolean
  disabled?: boolean
  /** What it began is still going on. */
  loading?: boolean
  /** Where it leads; a file or a page of its own where `external`. */
  to?: string | { readonly query: Readonly<Record<string, string>> }
  replace?: boolean
  external?: boolean
  target?: '_blank'
}>()
const slots = useSlots()
const look = computed(() => [
  `push push-${props.variant ?? 'outline'} push-${props.color ?? 'neutral'}`,
  { 'push-active': props.active, 'push-square': !props.label && !slots.default },
])
const element = computed(() => (props.to === undefined ? 'button' : props.external ? 'a' : NuxtLink))
const bound = computed(() => {
  const { to, replace, external, target, type = 'button', disabled, loading } = props
  if (to === undefined) return { type, disabled: disabled || loading }
  return external ? { href: to, target, rel: target && 'noopener noreferrer' } : { to, replace }
})
const face = computed(() => (props.loading ? 'i-lucide-loader-circle' : props.icon))
</script>

<template>
  <component :is="element" v-bind="bound" :class="look">
    <UIcon v-if="face" :name="face" class="size-5 shrink-0" :class="loading && 'animate-spin'" />
    <slot
      ><span v-if="label !== undefined" class="truncate">{{ label }}</span></slot
    >
    <UIcon v-if="trailingIcon" :name="trailingIcon" class="size-5 shrink-0" />
  </component>
</template>
