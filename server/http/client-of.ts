import type { H3Event } from 'h3'

/** Who asks, by the address that the proxy saw: those before it are what the client says. Empty on loopback: one user. */
export const clientOf = (event: H3Event): string => getHeader(event, 'x-forwarded-for')?.split(',').at(-1)?.trim() ?? ''
