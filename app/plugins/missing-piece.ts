/** A piece of the program did not come over the line: the page that is open stays, and says so. */
export default defineNuxtPlugin((app) => {
  const isMissing = useState('missing-piece', () => false)
  app.hook('app:chunkError', () => {
    isMissing.value = true
  })
  app.hook('page:finish', () => {
    isMissing.value = false
  })
})
