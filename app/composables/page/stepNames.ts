import type { StepId } from '~~/core/plan/progress'

/** The steps of the work as they are called. */
export const stepNames: Readonly<Record<StepId, string>> = {
  survey: 'Survey',
  join: 'Join',
  route: 'Route',
  cut: 'Cut',
  make: 'Make',
  prove: 'Prove',
  'hand-over': 'Hand over',
}
