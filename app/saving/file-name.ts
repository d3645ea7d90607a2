/** What no system takes in a file's name. */
const unnameable = /[\\/:*?"<>|\p{Cc}]+/gu
const longest = 100

const nameable = (text: string): string => text.replace(unnameable, ' ').replace(/\s+/g, ' ').trim().slice(0, longest)

/**
 * The name of every file that is handed out: of which job, and what it is.
 *
 * @example fileName('Tarn Lane Bakehouse', 'cut list', 'csv') // 'Tarn Lane Bakehouse, cut list.csv'
 */
export const fileName = (title: string, what: string, extension: string): string =>
  `${nameable(title) || 'Job'}, ${nameable(what)}.${extension}`
