import * as z from 'zod'

const cell = z.union([z.string().max(500, 'at most 500 characters'), z.number(), z.null()], 'words, a number or null')

/** Lists to be put on paper, as they are shown: under one title, a table each. */
export const paperListsSchema = z.object({
  title: z.string().min(1, 'at least one character').max(200, 'at most 200 characters'),
  paper: z.enum(['a4', 'letter']),
  lists: z
    .array(
      z.object({
        title: z.string().min(1, 'at least one character').max(120, 'at most 120 characters'),
        head: z.array(z.string().max(120, 'at most 120 characters')).min(1).max(12, 'at most 12 columns'),
        rows: z.array(z.array(cell).max(12, 'at most 12 columns')).max(5000, 'at most 5000 rows'),
      }),
    )
    .min(1, 'at least one list')
    .max(10, 'at most 10 lists'),
})
export type PaperLists = z.output<typeof paperListsSchema>
