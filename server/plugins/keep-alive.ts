import { Server } from 'node:http'

/** Longer than any browser or proxy keeps a connection that is idle, in ms: theirs is closed by them, never under a request. */
const idle = 620_000

/** What listens is made by the build's own entry: it is told as it begins to. */
export default defineNitroPlugin(() => {
  const listen = Server.prototype.listen
  Server.prototype.listen = function (this: Server, ...told: unknown[]) {
    this.keepAliveTimeout = idle
    this.headersTimeout = idle + 5000
    return (listen as (...told: unknown[]) => Server).apply(this, told)
  } as typeof listen
})
