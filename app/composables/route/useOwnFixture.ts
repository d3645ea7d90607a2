import { endForms, keptFixtureSchema, type KeptFixture, type OwnFixtureEnd } from '~~/core/catalogue/own-fixture'
import { fieldProblems } from '~~/core/quantity/words/field-problem'

/** A fixture of one's own as it is described: its name and its ends, each with its thread and its place. */
export function useOwnFixture(given: KeptFixture | undefined) {
  const { units } = useWords()
  const ownId = () => crypto.randomUUID().slice(0, 8)
  const newEnd = (): OwnFixtureEnd => ({
    ...{ id: ownId(), name: 'cold', water: 'cold', system: units.value === 'metric' ? 'BSP' : 'NPT' },
    ...{ size: '1/2', sex: 'M', form: 'parallel', across: 0, up: 0 },
  })
  const id = given?.id ?? ownId()
  const name = ref(given?.name ?? '')
  const isShutOff = ref(given?.isShutOff ?? false)
  const ends = ref<readonly OwnFixtureEnd[]>(given?.ends ?? [newEnd()])

  const change = (end: string, part: Partial<OwnFixtureEnd>): void => {
    ends.value = ends.value.map((of) => (of.id === end ? { ...of, ...part } : of))
  }
  const formOf = ({ sex, form }: OwnFixtureEnd): string =>
    endForms.find((of) => of.sex === sex && of.form === form)!.label
  function setForm(end: string, label: string): void {
    const { sex, form } = endForms.find((of) => of.label === label)!
    change(end, { sex, form })
  }
  const add = () => (ends.value = [...ends.value, newEnd()])
  const remove = (end: string) => (ends.value = ends.value.filter((of) => of.id !== end))

  /** Says what is wrong at its field, or gives the fixture. */
  function read(): { readonly fixture: KeptFixture } | { readonly problem: string } {
    const said = { id, name: name.value, ends: ends.value, ...(isShutOff.value && { isShutOff: true as const }) }
    const checked = keptFixtureSchema.safeParse(said)
    if (checked.success) return { fixture: checked.data }
    const [{ field, problem }] = fieldProblems(checked.error) as [{ field: string; problem: string }]
    const at = /^ends\.(\d+)\./.exec(field)
    return { problem: at ? `End ${Number(at[1]) + 1}: ${problem}` : problem }
  }
  return { name, isShutOff, ends, change, formOf, setForm, add, remove, read }
}
