/** `npm run demo`: the demo workshop, with its book, its log and stand-ins for its devices. */
import { startBarometer, startHub, startScale } from './lib/app'
import { demoChannelIds, loadDemo } from './lib/demo-workshop'
import { openWorkshop } from './lib/open'

openWorkshop({
  name: 'demo',
  command: 'npm run demo',
  fill: loadDemo,
  devices: {
    'The probe hub': (app, token, onExit) => startHub(app, token, demoChannelIds, onExit),
    'The scale': startScale,
    'The barometer': startBarometer,
  },
})
