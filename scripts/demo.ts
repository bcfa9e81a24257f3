/** `npm run demo`: the demo workshop, with its book, its log and stand-ins for its devices. */
import { claimed } from './lib/claim'

void claimed('demo', async () => {
  const [{ startBarometer, startHub, startScale }, { loadDemo }, { demoChannelIds, demoRooms }, { openWorkshop }] =
    await Promise.all([
      import('./lib/app'),
      import('./lib/demo-workshop'),
      import('@/demo/kitchen'),
      import('./lib/open'),
    ])
  openWorkshop({
    name: 'demo',
    command: 'npm run demo',
    fill: loadDemo,
    devices: {
      'The probe hub': (app, token, onExit) => startHub(app, token, demoChannelIds, onExit),
      'The scale': startScale,
      'The barometer': (app, token, onExit) =>
        startBarometer(app, token, demoRooms.find((r) => r.id === 'quay')?.altitudeM ?? 0, onExit),
    },
  })
})
