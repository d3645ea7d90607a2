/** A CSS string: quotes and what ends a line are written as their codes. */
export const cssString = (text: string): string =>
  `"${text.replace(/["\\\n\r\f<]/g, (letter) => `\\${letter.charCodeAt(0).toString(16)} `)}"`

/** What stands on the margin of every sheet of paper: of which job, when, and the page of how many. */
export const marginMarks = (left: string, right: string): string =>
  `@page { @top-left { content: ${cssString(left)}; font: 9pt sans-serif } @top-right { content: ${cssString(right)}; font: 9pt sans-serif } @bottom-right { content: "page " counter(page) " of " counter(pages); font: 9pt sans-serif } }`

/** Puts the open job's name, address and today's date on every sheet that is printed from this page. */
export function usePageMarks(): void {
  const { job } = useOpenJob()
  const today = new Date().toLocaleDateString(undefined, { dateStyle: 'medium' })
  useHead({
    style: [
      {
        key: 'page-marks',
        innerHTML: () => marginMarks([job.value.title, job.value.address].filter(Boolean).join(', '), today),
      },
    ],
  })
}
