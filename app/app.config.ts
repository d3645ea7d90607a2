export default defineAppConfig({
  ui: {
    colors: { primary: 'copper', neutral: 'graphite', success: 'verdigris', warning: 'amber', error: 'brick' },
    button: { defaultVariants: { size: 'lg' }, slots: { base: 'rounded-sm min-h-11 justify-center' } },
    input: { defaultVariants: { size: 'lg' }, slots: { base: 'rounded-sm min-h-11' } },
    select: { defaultVariants: { size: 'lg' }, slots: { base: 'rounded-sm min-h-11' } },
    selectMenu: { defaultVariants: { size: 'lg' }, slots: { base: 'rounded-sm min-h-11' } },
    modal: { slots: { content: 'rounded-sm' } },
  },
})
