import { isPage } from '../http/routes'

/** The shell of the application is the same for every path; where it shows no page, its status says so. */
export default defineNitroPlugin((nitro) => {
  nitro.hooks.hook('render:response', (response, { event }) => {
    if (!isPage(getRequestURL(event).pathname)) response.statusCode = 404
  })
})
