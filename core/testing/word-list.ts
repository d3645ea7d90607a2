/** What no plumber says, whole words and turns of phrase, in any text that people read. */
const neverSaid: readonly RegExp[] = [
  /\banother (?:pipe|run)\b/gi,
  /\b(?:is|are|it is) told\b/gi,
  /\btell what\b/gi,
  /\bsettled\b/gi,
  /\btaken for this\b/gi,
  /\bit is this\b/gi,
  /\bwith a reservation\b/gi,
  /\blook(?:s|ed|ing) at\b|\blook at it\b/gi,
  /\bold pipe in\b/gi,
  /\bmark the pipe at\b/gi,
  /\bhome\b/gi,
  /\berr long\b/gi,
  /\bmade-up piece\b/gi,
  /\bfree leg\b/gi,
  /\btests? under pressure\b/gi,
  /\bit is raised\b/gi,
  /\basked for\b/gi,
  /\bprofile’s letter\b/gi,
  /\bpipe that gives\b/gi,
  /\bwhat it stays\b/gi,
  /\bwritten down\b/gi,
  /\bcovered: where\b/gi,
  /\bwho works here\b/gi,
  /\bput a backup back\b/gi,
  /\blet it go\b/gi,
  /\bfree the room\b/gi,
  /\bbrought together\b/gi,
  /\banew\b/gi,
  /\btaken by a cut\b/gi,
  /\blonger than straight\b/gi,
  /\bwhat spoils it\b/gi,
  /\bdoes not stop for them\b/gi,
  /\bsought\b/gi,
  /\breckon(?:s|ed)?\b/gi,
  /\bships? made up\b/gi,
  /\bflame at\b/gi,
  /\bstill dripping\b/gi,
  /\bburns within reach\b/gi,
  /\bwater comes from it\b/gi,
  /\bmodel code [AB]\b/gi,
  /\ball the same\b/gi,
  // Ids, and an article before a vowel.
  /\b(?:unknown-figure|hot-work(?! permit)|elbow-90|elbow-45|heating-flow|heating-return|us-a|us-b)\b/g,
  /\ba (?=[aeio])\w+/gi,
]

/** Said rightly, though it looks like one of them. */
const said: ReadonlySet<string> = new Set(['a one', 'a U', 'a European'])

/**
 * The words of a text that no plumber says.
 *
 * @remarks for instance: unspoken('Another pipe') // ['Another pipe']
 */
export const unspoken = (text: string): string[] =>
  neverSaid.flatMap((word) => [...text.matchAll(word)].map(([found]) => found)).filter((found) => !said.has(found))
