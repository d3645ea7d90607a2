/** What of a bundler's plugin is used here. */
interface BundlerContext {
  emitFile(file: { type: 'chunk'; id: string; fileName: string }): string
}

const asked = '#work-thread'
const fileName = 'work-thread.mjs'

/**
 * Bundles the threads' code beside the server's, and gives its address to who imports `#work-thread`.
 *
 * @param entry the file of the thread's code
 */
export const threadBundle = (entry: string) => ({
  name: 'work-thread',
  buildStart(this: BundlerContext): void {
    this.emitFile({ type: 'chunk', id: entry, fileName })
  },
  resolveId: (id: string): string | null => (id === asked ? `\0${asked}` : null),
  // Wherever this code comes to lie, the server's bundle takes `import.meta.url` as that of its first file.
  load: (id: string): string | null =>
    id === `\0${asked}` ? `export default new URL('./${fileName}', import.meta.url).href` : null,
})
