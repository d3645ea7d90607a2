/** The questions of the bench, in the order in which they are asked most. */
export const benchTabs = [
  { to: '/bench/identify', word: 'What is this pipe?' },
  { to: '/bench/join', word: 'What joins these?' },
  { to: '/bench/card', word: 'How is it made?' },
  { to: '/bench/bend', word: 'Where do I bend?' },
  { to: '/bench/fitting', word: 'Fitting name' },
  { to: '/bench/parts', word: 'Own parts' },
  { to: '/bench/costs', word: 'Tools and prices' },
  { to: '/bench/rules', word: 'The rules' },
] as const
