/** The database's own word for what went wrong, however deep it stands; empty where it said nothing. */
export function errorCode(error: unknown): string {
  for (let at: unknown = error; at instanceof Error; at = at.cause) {
    const { code } = at as { code?: unknown }
    if (typeof code === 'string') return code
  }
  return ''
}
