import { createHash } from 'node:crypto'

const inlineScript = /<script(?![^>]*\bsrc=)[^>]*>([\s\S]*?)<\/script>/g

/** The page's policy: scripts only from here, and the inline ones that the page itself was rendered with. */
function policyFor(html: string): string {
  const hashes = [...html.matchAll(inlineScript)].map(
    ([, script]) =>
      `'sha256-${createHash('sha256')
        .update(script ?? '')
        .digest('base64')}'`,
  )
  return [
    "default-src 'self'",
    // The solver is WebAssembly; other code may not be made from text.
    `script-src 'self' 'wasm-unsafe-eval' ${hashes.join(' ')}`.trim(),
    // The interface library writes its colour variables as a style element; styles cannot run anything.
    "style-src 'self' 'unsafe-inline'",
    "img-src 'self' data: blob:",
    "font-src 'self'",
    "connect-src 'self'",
    "worker-src 'self'",
    "object-src 'none'",
    "base-uri 'none'",
    "form-action 'self'",
    "frame-ancestors 'none'",
  ].join('; ')
}

export default defineNitroPlugin((nitro) => {
  nitro.hooks.hook('render:response', (response) => {
    if (typeof response.body !== 'string') return
    response.headers = { ...response.headers, 'Content-Security-Policy': policyFor(response.body) }
  })
})
