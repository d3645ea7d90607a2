declare module 'wawoff2' {
  /** A font packed for the web as it was before. */
  export function decompress(packed: Uint8Array): Promise<Uint8Array>
}
