/** Two transactions stood in each other's way, and the database ended one: it may be tried again as it is. */
export const passing: ReadonlySet<string> = new Set(['ER_LOCK_DEADLOCK', 'ER_LOCK_WAIT_TIMEOUT', 'ER_CHECKREAD'])
export const mostTries = 12
