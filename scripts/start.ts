/** `npm start`: the maker's own workshop, empty at first, with a channel to practise on. */
import { startHub } from './lib/app'
import { openWorkshop } from './lib/open'
import { fillOwn, PRACTICE } from './lib/own-workshop'

openWorkshop({
  name: 'workshop',
  command: 'npm start',
  fill: fillOwn,
  devices: { 'The practice pot': (app, token, onExit) => startHub(app, token, [PRACTICE], onExit) },
})
