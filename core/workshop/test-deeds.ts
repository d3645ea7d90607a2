/** What is done in a step of a pressure test. */
export const testDeeds = ['raise', 'top up', 'lower', 'hold'] as const
