import { basename, resolve } from 'node:path'
import ts from 'typescript'
import { changed, type CodeChange } from './look-again'

const project = 'scripts/mutation/tsconfig.json'

function readProject(): ts.ParsedCommandLine {
  const read = ts.getParsedCommandLineOfConfigFile(project, undefined, {
    ...ts.sys,
    onUnRecoverableConfigFileDiagnostic: ({ messageText }) => {
      throw new Error(ts.flattenDiagnosticMessageText(messageText, '\n'))
    },
  })
  if (!read) throw new Error(`${project} cannot be read`)
  return read
}

/**
 * Which changes the types do not allow, where they are made or in a file that imports them: such a change is no change
 * that could be made unnoticed. Asked only of those that no test notices, as it takes longer than a test.
 */
export function refusedByTypes<Change extends CodeChange>(changes: readonly Change[]): Set<Change> {
  const { fileNames, options } = readProject()
  const texts = new Map(fileNames.map((file) => [resolve(file), ts.sys.readFile(file) ?? '']))
  let made = { file: '', text: '', version: 0 }
  const textOf = (file: string) => (resolve(file) === made.file ? made.text : ts.sys.readFile(file))
  const { readFile, fileExists, readDirectory, directoryExists, getDirectories, realpath } = ts.sys
  const service = ts.createLanguageService({
    readFile,
    fileExists,
    readDirectory,
    directoryExists,
    getDirectories,
    realpath,
    getCompilationSettings: () => options,
    getCurrentDirectory: () => process.cwd(),
    getDefaultLibFileName: ts.getDefaultLibFilePath,
    getScriptFileNames: () => fileNames,
    getScriptVersion: (file) => (resolve(file) === made.file ? String(made.version) : '0'),
    getScriptSnapshot(file) {
      const text = textOf(file)
      return text === undefined ? undefined : ts.ScriptSnapshot.fromString(text)
    },
  })
  const isWrong = (file: string) =>
    service.getSyntacticDiagnostics(file).length + service.getSemanticDiagnostics(file).length > 0
  const importersOf = (file: string): string[] => {
    const imported = `/${basename(file, '.ts')}'`
    return [...texts].flatMap(([other, text]) => (other !== file && text.includes(imported) ? [other] : []))
  }
  return new Set(
    changes.filter((change) => {
      const file = resolve(change.fileName)
      made = { file, text: changed(texts.get(file) ?? '', change), version: made.version + 1 }
      return [file, ...importersOf(file)].some(isWrong)
    }),
  )
}
