import type { ListTable } from '~~/core/record/lists'
import { download } from '~/saving/download'
import { fileName } from '~/saving/file-name'

/** Lists given out as files, named by what they belong to: each as CSV, several in one workbook or on paper. */
export function useListFiles(title: () => string) {
  const paper = usePaper()
  const problem = ref('')
  const name = (what: string, extension: string) => fileName(title(), what, extension)

  async function csv(list: ListTable): Promise<void> {
    const { listCsv } = await import('~/saving/list-files')
    download(name(list.title.toLowerCase(), 'csv'), 'text/csv', listCsv(list))
  }
  async function xlsx(what: string, lists: readonly ListTable[]): Promise<void> {
    const { listsXlsx } = await import('~/saving/list-files')
    const file = await listsXlsx(lists)
    download(name(what, 'xlsx'), file.type, file)
  }
  async function pdf(what: string, lists: readonly ListTable[]): Promise<void> {
    const { listsPdf } = await import('~/saving/list-files')
    const made = await listsPdf({ title: title(), paper: paper.value, lists })
    problem.value = made ? '' : 'The server makes the PDF, and does not answer: print the page, or try again.'
    if (made) download(name(what, 'pdf'), made.type, made)
  }
  return { csv, xlsx, pdf, problem }
}
