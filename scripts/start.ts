/** `npm start`: the maker's own workshop, empty at first, with a channel to practise on. */
import { claimed } from './lib/claim'

void claimed('workshop', async () => {
  const [{ startHub }, { openWorkshop }, { fillOwn, PRACTICE }] = await Promise.all([
    import('./lib/app'),
    import('./lib/open'),
    import('./lib/own-workshop'),
  ])
  openWorkshop({
    name: 'workshop',
    command: 'npm start',
    fill: fillOwn,
    devices: { 'The practice pot': (app, token, onExit) => startHub(app, token, [PRACTICE], onExit) },
  })
})
