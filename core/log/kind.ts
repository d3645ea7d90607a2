import type * as z from 'zod'

/** What an entry is about. */
export const subjects = ['joint', 'part', 'leg', 'test'] as const
export type SubjectKey = (typeof subjects)[number]

export interface KindMeta {
  readonly id: string
  readonly name: string
  /** What it must name; nothing where it is about the whole job. */
  readonly subject: SubjectKey | null
}

/** A kind of thing that happens on site: what is kept of it. */
export interface EntryKind<Body extends z.ZodType = z.ZodType> {
  readonly meta: KindMeta
  readonly body: Body
}

/** A kind, its id, its subject and its body typed. */
export const entryKind = <const Meta extends KindMeta, Body extends z.ZodType>(
  meta: Meta,
  body: Body,
): { readonly meta: Meta; readonly body: Body } => ({ meta, body })
