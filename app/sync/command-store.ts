import { openDB, type DBSchema } from 'idb'
import type { Command } from './command'

/** Where commands outlive a reload, shared by all tabs. Any call may fail: the browser's storage can be full or blocked. */
export interface CommandStore {
  /** In the order in which they were put. */
  all(): Promise<readonly Command[]>
  /** Keeps a command; one that is there already is replaced where it stands. */
  put(command: Command): Promise<void>
  remove(id: string): Promise<void>
}

interface Kept {
  readonly command: Command
  readonly place: number
}
interface Tables extends DBSchema {
  outbox: { key: string; value: Kept; indexes: { place: number } }
}

const open = () =>
  openDB<Tables>('jolvet', 1, {
    upgrade(database) {
      database.createObjectStore('outbox', { keyPath: 'command.id' }).createIndex('place', 'place')
    },
  })

/** The commands in this browser's database. */
export function browserCommands(): CommandStore {
  let database: ReturnType<typeof open> | undefined
  const ready = () => (database ??= open())
  return {
    async all() {
      return (await (await ready()).getAllFromIndex('outbox', 'place')).map(({ command }) => command)
    },
    async put(command) {
      const transaction = (await ready()).transaction('outbox', 'readwrite')
      const [known, last] = await Promise.all([
        transaction.store.get(command.id),
        transaction.store.index('place').openKeyCursor(null, 'prev'),
      ])
      await transaction.store.put({ command, place: known?.place ?? Number(last?.key ?? 0) + 1 })
      await transaction.done
    },
    async remove(id) {
      await (await ready()).delete('outbox', id)
    },
  }
}
