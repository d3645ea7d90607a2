/** The usual headers, on every answer: pages, the interface, files and workers. */
export const securityHeaders = {
  'X-Content-Type-Options': 'nosniff',
  'X-Frame-Options': 'DENY',
  'Referrer-Policy': 'no-referrer',
  'Cross-Origin-Opener-Policy': 'same-origin',
  'Cross-Origin-Resource-Policy': 'same-origin',
  'Permissions-Policy': 'camera=(), microphone=(), geolocation=()',
} as const

/** What a worker may do: run what is served here, and the solver's WebAssembly. A file that is no worker does not mind. */
export const filePolicy = {
  'Content-Security-Policy': "default-src 'self'; script-src 'self' 'wasm-unsafe-eval'; frame-ancestors 'none'",
} as const

/** The interface answers data: nothing in it is ever run, and nothing of it is kept by a browser or a proxy. */
export const interfaceHeaders = {
  'Content-Security-Policy': "default-src 'none'; frame-ancestors 'none'",
  'Cache-Control': 'no-store',
} as const
