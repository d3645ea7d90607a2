import type { Ids } from '~~/core/edit/ids'

/** 48 bits of chance: no two of a job's thousands are alike, nor any that it had before. */
export const randomIds: Ids = (prefix) => prefix + crypto.randomUUID().replaceAll('-', '').slice(0, 12)
