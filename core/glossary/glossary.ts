import type { MethodId } from '../methods/ids'
import type { SketchId } from './sketches'

/** A word of the trade, as it is used here: a line of what it means. */
export interface GlossaryEntry {
  readonly word: string
  /** What it is called where pipe is sold in inches, where that is another word. */
  readonly american?: string
  readonly means: string
  /** What shows it: a fitting of the catalogue by its name, a joint of a method on a pipe cut through, or a small drawing. */
  readonly shownBy: string | { readonly section: MethodId; readonly on: string } | { readonly sketch: SketchId }
}

/** Every word of the trade that is used here, in the order of the work. */
export const glossary: readonly GlossaryEntry[] = [
  {
    word: 'run',
    means: 'pipe of one kind and one way of joining, from where it starts to its ends',
    shownBy: { sketch: 'run' },
  },
  {
    word: 'leg',
    means: 'one straight of a run, measured centre to centre of the fittings at its ends',
    shownBy: { sketch: 'leg' },
  },
  { word: 'tie-in', means: 'where new pipe joins pipe that is there', shownBy: { sketch: 'tie-in' } },
  {
    word: 'take-off',
    means: 'from a fitting’s centre to where the pipe stops in it: what comes off a leg’s length at that end',
    shownBy: { sketch: 'take-off' },
  },
  {
    word: 'insertion depth',
    means: 'how far the pipe goes into a fitting; mark it on the pipe and you see when it is fully in',
    shownBy: { sketch: 'depth' },
  },
  {
    word: 'cut length',
    means: 'what to cut for a finished piece; the blank of a bent one may be longer, so that the bender can grip it',
    shownBy: { sketch: 'cut length' },
  },
  {
    word: 'short piece',
    means: 'pipe cut between two fittings that face each other',
    shownBy: { sketch: 'short piece' },
  },
  {
    word: 'gain',
    means: 'how much shorter a bent tube is than its legs: it rounds the corner',
    shownBy: { sketch: 'gain' },
  },
  {
    word: 'set',
    means: 'how far an offset steps aside; the travel is the length that does it',
    shownBy: { sketch: 'set' },
  },
  {
    word: 'offset',
    means: 'two bends or two elbows that carry the pipe aside and straight on',
    shownBy: { sketch: 'offset' },
  },
  {
    word: 'press',
    means: 'a jaw closes a fitting’s bead or sleeve on the pipe',
    shownBy: { section: 'press-metal', on: 'copper-half-hard-en-1057-r250-22x0.9' },
  },
  {
    word: 'crimp ring',
    means: 'a copper ring squeezed over PEX on a barb',
    shownBy: { section: 'crimp', on: 'pex-a-astm-f876-sdr9-cts-1-2' },
  },
  {
    word: 'pinch clamp',
    means: 'a steel band whose ear is pinched, over PEX on a barb',
    shownBy: { section: 'clamp', on: 'pex-a-astm-f876-sdr9-cts-1-2' },
  },
  {
    word: 'cold expansion',
    means: 'PEX stretched with its ring, which shrinks back on the barb',
    shownBy: { section: 'expansion', on: 'pex-a-astm-f876-sdr9-cts-1-2' },
  },
  {
    word: 'push-fit',
    american: 'push-to-connect',
    means: 'pipe pushed past a rubber ring and held by teeth',
    shownBy: { section: 'push-fit', on: 'copper-half-hard-en-1057-r250-22x0.9' },
  },
  {
    word: 'olive',
    american: 'ferrule',
    means: 'the ring that a nut squeezes on the pipe of a compression joint',
    shownBy: { section: 'compression', on: 'copper-half-hard-en-1057-r250-22x0.9' },
  },
  {
    word: 'socket fusion',
    means: 'PP-R pipe and socket heated on a tool and pushed together',
    shownBy: { section: 'fusion', on: 'pp-r-en-iso-15874-sdr7.4-20x2.8' },
  },
  {
    word: 'insert',
    american: 'stiffener',
    means: 'what holds plastic or soft pipe open in a joint that grips it from outside; also called liner',
    shownBy: { section: 'compression-pe', on: 'pe-en-12201-pe80-pe100-sdr11-25x2.3' },
  },
  { word: 'coupling', means: 'joins two pipes in line', shownBy: '22 solder coupling' },
  {
    word: 'slip coupling',
    means: 'a coupling without a stop, slid right on to one pipe and back over the other',
    shownBy: '22 solder slip coupling',
  },
  { word: 'reducer', means: 'a coupling from one size to another', shownBy: '22 solder × 15 solder reducer' },
  { word: 'elbow', means: 'turns the pipe, by 90° or 45°', shownBy: '22 solder elbow 90' },
  {
    word: 'tee',
    means: 'lets a branch off a straight; the run is named first, then the branch',
    shownBy: '22 solder × 22 solder × 22 solder tee',
  },
  {
    word: 'union',
    means: 'a nut draws two halves together: comes apart without turning the pipe',
    shownBy: '22 solder union',
  },
  {
    word: 'spigot',
    american: 'FTG',
    means: 'an end of the pipe’s own size that goes into another fitting',
    shownBy: '22 FTG × 15 solder fitting reducer',
  },
  {
    word: 'street elbow',
    means: 'an elbow with one end that goes into a fitting, with no pipe between',
    shownBy: '22 FTG × 22 solder street elbow 90',
  },
  {
    word: 'drop-ear elbow',
    means: 'an elbow screwed to the wall, with a thread for an outlet',
    shownBy: '22 solder × 3/4 F BSP drop-ear elbow',
  },
  { word: 'converter', means: 'a coupling from old bore to metric pipe', shownBy: { sketch: 'converter' } },
  {
    word: 'nominal size',
    means: 'what a size is called, not what it measures: match fittings by outside diameter',
    shownBy: { sketch: 'nominal' },
  },
  {
    word: 'old bore',
    means: 'copper from before metric sizes: 1/2, 3/4, 1 by its bore',
    shownBy: { sketch: 'old bore' },
  },
  {
    word: 'copper tube size (CTS)',
    means: 'outside diameter an eighth of an inch above the name',
    shownBy: { sketch: 'cts' },
  },
  {
    word: 'relief pipe',
    means: 'from a relief valve down to an open end in sight: empty, falling all the way, and never shut',
    shownBy: { sketch: 'relief' },
  },
  {
    word: 'expansion leg',
    means: 'a leg that bends aside as the long one beside it grows warm',
    shownBy: { sketch: 'expansion leg' },
  },
  { word: 'clip', american: 'strap', means: 'holds the pipe to the wall or joist', shownBy: { sketch: 'clip' } },
  { word: 'kerf', means: 'what a saw takes with each cut', shownBy: { sketch: 'kerf' } },
  { word: 'rack', means: 'the offcuts the workshop keeps', shownBy: { sketch: 'rack' } },
  { word: 'fire watch', means: 'staying to look for smoke after the last flame', shownBy: { sketch: 'flame' } },
  {
    word: 'standard',
    means: 'who says how a pressure test goes: how high, how long, how far it may fall',
    shownBy: { sketch: 'gauge' },
  },
  {
    word: 'pipe stretch',
    means: 'plastic giving way for a while under new pressure: the gauge falls and nothing leaks',
    shownBy: { sketch: 'stretch' },
  },
  {
    word: 'basis',
    means: 'what a figure rests on: measured, its maker’s sheet, a standard, guidance, a model code, or typical',
    shownBy: { sketch: 'basis' },
  },
  {
    word: 'fits, caution, refuse',
    means: 'what the rules say of a joint: it holds; it holds with something to mind; it is not allowed',
    shownBy: { sketch: 'verdicts' },
  },
  {
    word: 'profile',
    means:
      'the rules’ settings where codes and habits differ: one for metric places, two for North America, and your own',
    shownBy: { sketch: 'profile' },
  },
]
