/** The one place where this project's look is laid over the common controls. */
export default defineAppConfig({
  ui: {
    colors: { primary: 'copper', neutral: 'graphite', success: 'verdigris', warning: 'amber', error: 'brick' },
    button: {
      defaultVariants: { size: 'lg', color: 'neutral', variant: 'outline' },
      slots: { base: 'rounded-sm min-h-11 min-w-11 justify-center' },
      compoundVariants: [
        // Chosen or hovered, letters keep their contrast: the ground grows stronger, never paler.
        {
          color: 'neutral',
          active: true,
          class: 'bg-primary text-inverted ring-primary hover:bg-(--ui-primary-strong) hover:text-inverted',
        },
        { color: 'primary', variant: 'solid', class: 'hover:bg-(--ui-primary-strong) active:bg-(--ui-primary-strong)' },
        { color: 'success', variant: 'solid', class: 'hover:bg-(--ui-success-strong) active:bg-(--ui-success-strong)' },
        { color: 'error', variant: 'solid', class: 'hover:bg-(--ui-error-strong) active:bg-(--ui-error-strong)' },
      ],
    },
    input: { defaultVariants: { size: 'lg' }, slots: { base: 'rounded-sm min-h-11' } },
    selectMenu: { defaultVariants: { size: 'lg' }, slots: { base: 'rounded-sm min-h-11' } },
    modal: { slots: { content: 'rounded-sm' } },
  },
})
