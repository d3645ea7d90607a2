/** Something that the person at the terminal can put right: shown as one sentence, without a trace. */
export class Failure extends Error {}

/** Runs a script's main; a `Failure` is told in its own words. */
export function runMain(main: () => Promise<void>): void {
  main().catch((error: unknown) => {
    console.error(error instanceof Failure ? error.message : error)
    process.exitCode = 1
  })
}
