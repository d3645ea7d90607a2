/** What to do on a page, in the order of the work; and its keys. */
export interface PageHelp {
  readonly title: string
  readonly does: readonly string[]
  readonly keys?: readonly (readonly [key: string, does: string])[]
}

const everywhere = [
  ['?', 'this help'],
  ['Ctrl K', 'find a page, a job, a joint'],
] as const
const inJob = [['Ctrl Z', 'undo; with Shift redo'], ...everywhere] as const

const help: readonly (readonly [path: RegExp, help: PageHelp])[] = [
  [
    /^\/begin/,
    {
      title: 'Begin a job from a call',
      does: [
        'Choose the call, then say which pipe is there, which is new, and type the measures.',
        'The picture, the lengths to cut and the list follow at once. Begin this job takes them over.',
        'Everything can be changed afterwards in Route, like any other job.',
      ],
      keys: everywhere,
    },
  ],
  [
    /^\/verify/,
    {
      title: 'Check a record',
      does: [
        'Choose the JSON file of a record that was handed over, or drop it.',
        'Green: not a letter was changed since it was sealed. The words are those on the paper.',
        'Whose key signed it stands below: of another workshop, ask them whether the words are theirs.',
      ],
      keys: everywhere,
    },
  ],
  [
    /^\/day/,
    {
      title: 'Day',
      does: [
        'The visits of the day one after another: when you are where, and what to tell the customer.',
        'Give a job its visits under Estimate. Times without an agreed one follow from the one before.',
        'Type when a visit really began or ended: what follows moves with it.',
        'What to bring is counted over all jobs of the day, and held against what is in the van.',
        'At the job take what it needs out of the van: it is not brought again. What is left comes back, one by one.',
      ],
      keys: everywhere,
    },
  ],
  [
    /^\/van/,
    {
      title: 'Van',
      does: [
        'What is in the van, the same for everybody: plus and minus put one in and take one out.',
        'Press a thing to type what was counted, and how many are always to be there; what is low stands first.',
        'Two cannot take the last one: whoever comes second is told.',
      ],
      keys: everywhere,
    },
  ],
  [
    /\/estimate$/,
    {
      title: 'Estimate',
      does: [
        'What the job costs, from and up to: prices and minutes may be out by what Tools and prices says.',
        'Minutes typed in Make, Plan of work, narrow it.',
        'Print gives the sheet for the customer.',
      ],
      keys: inJob,
    },
  ],
  [
    /\/survey$/,
    {
      title: 'Survey',
      does: [
        'Add the pipe that is there, and say what you see or measure: each answer narrows the list.',
        'The next check is the one that decides most for its time.',
        'Use this pipe: it becomes a tie-in, and Join shows what fits it.',
      ],
      keys: inJob,
    },
  ],
  [
    /\/jobs\/[^/]+\/join$/,
    {
      title: 'Join',
      does: [
        'Choose the new pipe, and press Use beside the fittings you want.',
        'The large figures are the insertion depths to mark.',
        'Each method says whether it fits, and why.',
      ],
      keys: inJob,
    },
  ],
  [
    /\/route$/,
    {
      title: 'Route',
      does: [
        'Press a direction, type the length centre to centre, press Leg or Enter.',
        'What to cut and where to mark stands above, for the leg that is selected.',
        'Press a leg or a fitting in the drawing to change it.',
      ],
      keys: [
        ['Arrows', 'west, north, south, east'],
        ['Page Up, Page Down', 'up, down, while the drawing has the focus'],
        ['Shift and an arrow', 'adds it to the one before: 45° between'],
        ['digits, Enter', 'the length, and the leg'],
        ['0, Enter', 'the next fitting goes straight into this one'],
        ['digits, H', 'a leg up or down to that height'],
        ['T B V U O C M', 'tee, bend, valve, union, outlet, cap, mixer'],
        ['G', 'a fitting by its name'],
        ['J', 'a leg to what lies ahead or is pressed next'],
        ['N', 'the next open end'],
        ['F', 'an offset'],
        ['] [', 'the next leg or fitting of the drawing, the one before'],
        ['X', 'pipe that is there'],
        ['Backspace', 'takes back'],
        ...inJob,
      ],
    },
  ],
  [
    /\/cut$/,
    {
      title: 'Cut',
      does: [
        'Each bar is a stock length with its numbered pieces; tick a piece as it is cut.',
        'Press a piece to see both its marks.',
        'Mark as cut takes the lengths from the rack and puts the offcuts back.',
      ],
      keys: inJob,
    },
  ],
  [
    /\/make$/,
    {
      title: 'Make',
      does: [
        'The figure is where to mark. Tick what you see, press Made, and the next joint comes up.',
        'Inspect joint by joint, or all that are made in one go.',
        'Not OK shows how to put it right. Work along reads the card step by step.',
      ],
      keys: [['Space', 'the next step, while working along'], ...inJob],
    },
  ],
  [
    /\/prove$/,
    {
      title: 'Prove',
      does: [
        'Start the test, type what the gauge shows, again every minute.',
        'Two verdicts: by the standard, and what the readings say. The next check is named.',
        'Where it leaks, the search says what to inspect next.',
      ],
      keys: inJob,
    },
  ],
  [
    /\/hand-over$/,
    {
      title: 'Hand over',
      does: [
        'What is missing leads to where it is filled.',
        'Hand over seals the record; print it, or give it as PDF.',
      ],
      keys: inJob,
    },
  ],
  [
    /^\/bench/,
    {
      title: 'Bench',
      does: ['One question a tab, without a job.', 'What you asked before stands above, and comes back with a press.'],
      keys: everywhere,
    },
  ],
]

const jobsHelp: PageHelp = {
  title: 'Jobs',
  does: [
    'A quick question needs no job: press it.',
    'A job keeps all of it: start one, or open a sample to look round.',
    'Everything is saved as you type.',
  ],
  keys: everywhere,
}

/** What help says on the page of this path. */
export const helpFor = (path: string): PageHelp => help.find(([of]) => of.test(path))?.[1] ?? jobsHelp
