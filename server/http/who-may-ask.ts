/** What is known of a request before it is read. */
export interface Asked {
  readonly host: string
  /** The page's origin, where a page asks. */
  readonly origin: string | undefined
  /** `Sec-Fetch-Site`: where the page stands that asks, by the browser's own word. */
  readonly fetchSite: string | undefined
  /** Whether it came over TLS as far as the proxy. */
  readonly isSecure: boolean
  readonly isInterface: boolean
}

/** Names under which a server on loopback is asked; another name is a page that pretends to be it. */
const loopback = /^(127\.0\.0\.1|localhost|\[::1\])(:\d+)?$/

/** Other names that it answers to, from a setting: `jolvet.example.org, van.example.org`. */
export const hostsFrom = (setting: string | undefined): ReadonlySet<string> =>
  new Set(
    (setting ?? '')
      .toLowerCase()
      .split(/[\s,]+/)
      .filter((name) => name !== ''),
  )

const onlyHere = 'Only pages of this server may ask it.'
const tlsWanted =
  'Jolvet is used over HTTPS here: over plain HTTP a browser keeps nothing safe, locks nothing between tabs, and anybody on the way can read along. Put TLS on the proxy, and let it send X-Forwarded-Proto.'

/**
 * Why a request is not answered. There is no password on loopback, so no other site's page may ask; beyond loopback the
 * names are a setting, and TLS is wanted.
 *
 * @returns null where it may ask
 */
export function whyNot(
  { host, origin, fetchSite, isSecure, isInterface }: Asked,
  hosts: ReadonlySet<string>,
): string | null {
  const isHere = loopback.test(host)
  if (!isHere && !hosts.has(host.toLowerCase().replace(/:\d+$/, ''))) return onlyHere
  if (!isHere && !isSecure) return tlsWanted
  if (origin && origin !== `http://${host}` && origin !== `https://${host}`) return onlyHere
  // A link from elsewhere may open a page; nothing elsewhere may ask the interface.
  if (isInterface && fetchSite !== undefined && fetchSite !== 'same-origin' && fetchSite !== 'none') return onlyHere
  return null
}
