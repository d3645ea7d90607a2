/** The address of the threads' code, as `threadBundle` bundles it. */
declare module '#work-thread' {
  const address: string
  export default address
}
