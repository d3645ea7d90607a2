import { shallowRef } from 'vue'
import { interfaceHeader, interfaceVersion } from '~~/core/job/interface-version'

/** The version of the interface that the server spoke last. */
export const serverInterface = shallowRef(interfaceVersion)

/** Notes which version an answer was of. */
export function hearInterface(headers: Headers): void {
  const named = Number(headers.get(interfaceHeader) ?? NaN)
  if (Number.isInteger(named) && named !== serverInterface.value) serverInterface.value = named
}
