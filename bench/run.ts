import { runMain } from '../scripts/run/failure'
import { benchCore } from './core'
import { benchIdentify } from './identify'
import { benchPage } from './page'

runMain(async () => {
  benchCore()
  benchIdentify()
  await benchPage()
})
