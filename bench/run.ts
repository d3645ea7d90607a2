import { runMain } from '../scripts/run/failure'
import { benchCore } from './core'
import { benchIdentify } from './identify'
import { benchJoin } from './join'
import { benchPage } from './page'

runMain(async () => {
  benchCore()
  benchIdentify()
  benchJoin()
  await benchPage()
})
