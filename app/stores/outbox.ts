import { defineStore } from 'pinia'
import { shallowRef } from 'vue'
import { browserOutbox } from '~/sync/commands/browser-outbox'
import type { Changes, Command } from '~/sync/commands/command'
import type { CommandAnswer } from '~/sync/commands/command-answer'
import type { OutboxState } from '~/sync/commands/outbox'

/** Changes on their way to the server, of every kind: what waits, what was not accepted, and what became of each. */
export const useOutboxStore = defineStore('outbox', () => {
  const state = shallowRef<OutboxState>({
    waiting: [],
    refused: [],
    isKept: true,
    isAway: false,
    why: '',
    isHeld: false,
  })
  const listeners = new Map<Changes, (command: Command, answer: CommandAnswer) => void>()
  /** What a change waits for before it is sent. */
  const gates = new Map<Changes, (command: Command) => Promise<void>>()
  /** Jobs that are open here and that the server does not have yet. */
  const unbegunHere = new Set<string>()
  const outbox = browserOutbox({
    before: (command) => gates.get(command.changes)?.(command),
    unbegunHere,
    onState: (now) => (state.value = now),
    onAnswer: (changes, command, answer) => listeners.get(changes)?.(command, answer),
  })
  void outbox.open()

  /** Makes a change: kept here at once, and sent. @returns what became of it, once that is known */
  function add(command: Omit<Command, 'id'> & { readonly id?: string }): Promise<CommandAnswer> {
    // As it is sent: what a page watches can be kept and told to other tabs only as a plain copy.
    const body = command.body instanceof Blob ? command.body : (JSON.parse(JSON.stringify(command.body)) as unknown)
    return outbox.add({ id: crypto.randomUUID(), ...command, body })
  }

  /** What waits of one kind. */
  const waitingOf = (changes: Changes): readonly Command[] =>
    state.value.waiting.filter((command) => command.changes === changes)

  /** Tells a store what became of its changes, made in this tab or in another. */
  function onAnswer(changes: Changes, hear: (command: Command, answer: CommandAnswer) => void): void {
    listeners.set(changes, hear)
  }

  /** Told of a job that is open here whether the server has it: what is written of it waits until then. */
  function setBegun(job: string, isBegun: boolean): void {
    if (!isBegun) unbegunHere.add(job)
    else {
      unbegunHere.delete(job)
      void outbox.goOn()
    }
  }

  /** Holds changes of a kind back until what they rest on was sent. */
  function onSend(changes: Changes, wait: (command: Command) => Promise<void>): void {
    gates.set(changes, wait)
  }

  const goOn = () => outbox.goOn()
  const forget = (id: string) => outbox.forget(id)
  const again = (id: string) => outbox.again(id)
  return { state, add, waitingOf, onAnswer, onSend, setBegun, goOn, forget, again }
})
