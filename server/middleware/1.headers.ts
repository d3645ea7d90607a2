import { interfaceHeaders } from '../http/security-headers'

export default defineEventHandler((event) => {
  if (event.path.startsWith('/api/')) setHeaders(event, interfaceHeaders)
})
