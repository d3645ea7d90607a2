/**
 * HEAD is answered as GET is: the headers are the same, and Node.js, which made the answer for a HEAD, sends no body.
 */
export default defineNitroPlugin((nitro) => {
  nitro.hooks.hook('request', ({ node, path }) => {
    if (node.req.method === 'HEAD' && path.startsWith('/api/')) node.req.method = 'GET'
  })
})
