/** `npm run demo`: the demo workshop, with its book, its log and stand-ins for its devices. */
import { claimed } from './lib/claim'

void claimed('demo', async () => {
  const [{ startBarometer, startHub, startScale }, { demoChannelIds, loadDemo }, { openWorkshop }] = await Promise.all([
    import('./lib/app'),
    import('./lib/demo-workshop'),
    import('./lib/open'),
  ])
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
})
