import { download } from '@/server/http'
import { reminderCalendar } from '@/server/reminders'
import { route } from '@/server/route'

/** What is to be looked at again, for a calendar. */
export const GET = route({}, async ({ now }) =>
  download(await reminderCalendar(now), 'text/calendar', 'imbry-look-again.ics'),
)
