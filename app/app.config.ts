/** The one place where this project's look is laid over the common controls. */
export default defineAppConfig({
  ui: {
    colors: { primary: 'copper', neutral: 'graphite', success: 'verdigris', warning: 'amber', error: 'brick' },
    // The one that closes a dialog: all others are our own (components/figure/PushButton.vue).
    button: {
      defaultVariants: { size: 'lg', color: 'neutral', variant: 'outline' },
      slots: { base: 'rounded-sm min-h-11 min-w-11 justify-center' },
    },
    input: { defaultVariants: { size: 'lg' }, slots: { base: 'rounded-sm min-h-11' } },
    modal: { slots: { content: 'rounded-sm' } },
  },
})
