import { fixtureNamed, type Fixture, type FixtureEnd } from '../catalogue/fixture'
import type { KeptFixture } from '../catalogue/own-fixture'
import type { Node } from '../job/job'

/** The fixture that an outlet leads to, and which of its ends; undefined where it leads to none that is known. */
export function fixtureEndAt(
  node: Pick<Node, 'fixture'>,
  own: readonly KeptFixture[],
): { fixture: Fixture; end: FixtureEnd } | undefined {
  const fixture = node.fixture && fixtureNamed(node.fixture, own)
  const end = fixture?.ends.find(({ id }) => id === node.fixture!.end)
  return fixture && end && { fixture, end }
}

/** A fixture by the end that pipe leads to, where it has several. */
export const fixtureEndName = ({ fixture, end }: { readonly fixture: Fixture; readonly end: FixtureEnd }): string =>
  fixture.ends.length > 1 ? `${fixture.name}, ${end.name}` : fixture.name

/** What pipe goes straight into at an outlet, without a fitting between; undefined where it leads to no such end. */
export function fixtureTakingPipe(
  node: Pick<Node, 'fixture'>,
  own: readonly KeptFixture[],
): { readonly name: string; readonly takes: string } | undefined {
  const led = fixtureEndAt(node, own)
  return led?.end.takes ? { name: fixtureEndName(led), takes: led.end.takes } : undefined
}
