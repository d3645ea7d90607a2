import { methods } from '~~/core/methods'
import { methodIds, type MethodId } from '~~/core/methods/ids'

/** The methods by what the reader calls them. */
export function useMethods() {
  const { say } = useWords()
  return {
    methodName: (id: MethodId) => say.value.trade(methods[id].name),
    methodTool: (id: MethodId) => say.value.trade(methods[id].tool),
    /** What a joint of it is called, between a size and its place. */
    methodFitting: (id: MethodId) => say.value.trade(methods[id].fitting),
    methodItems: computed(() =>
      methodIds.map((value) => ({ value: value as MethodId, label: say.value.trade(methods[value].name) })),
    ),
  }
}
