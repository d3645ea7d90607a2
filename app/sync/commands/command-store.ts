import { onDatabase } from '../browser-database'
import type { Command } from './command'

/** Where commands outlive a reload, shared by all tabs. Any call may fail: the browser's storage can be full or blocked. */
export interface CommandStore {
  /** In the order in which they were put. */
  all(): Promise<readonly Command[]>
  /** Keeps a command; one that is there already is replaced where it stands. */
  put(command: Command): Promise<void>
  remove(id: string): Promise<void>
}

/** The commands in this browser's database. */
export const browserCommands: CommandStore = {
  async all() {
    const rows = await onDatabase((database) => database.getAllFromIndex('outbox', 'place'))
    return rows.map(({ command }) => command)
  },
  put: (command) =>
    onDatabase(async (database) => {
      const transaction = database.transaction('outbox', 'readwrite')
      const [known, last] = await Promise.all([
        transaction.store.get(command.id),
        transaction.store.index('place').openKeyCursor(null, 'prev'),
      ])
      await transaction.store.put({ command, place: known?.place ?? Number(last?.key ?? 0) + 1 })
      await transaction.done
    }),
  remove: (id) => onDatabase((database) => database.delete('outbox', id)),
}
