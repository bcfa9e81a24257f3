import { exportLog } from '@/server/log-files'
import { route } from '@/server/route'

/** The whole log as a zip, made while it is fetched. */
export const GET = route(
  {},
  () =>
    new Response(exportLog(), {
      headers: { 'content-type': 'application/zip', 'content-disposition': 'attachment; filename="imbry-log.zip"' },
    }),
)
