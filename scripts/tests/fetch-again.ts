/** Of these a second one does no more than the first. */
const safe = new Set(['GET', 'HEAD', 'PUT', 'DELETE'])

/** A request that met a connection which the server was closing was never read: where it is safe, it is made once more. */
export async function fetchAgain(address: string, init: RequestInit = {}): Promise<Response> {
  const first = await fetch(address, init).catch((error: unknown) => error)
  if (first instanceof Response) return first
  const isKeyed = new Headers(init.headers).has('Idempotency-Key')
  if (isKeyed || safe.has(init.method ?? 'GET')) return fetch(address, init)
  throw first
}
