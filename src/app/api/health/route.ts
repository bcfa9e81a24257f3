import { health } from '@/server/health'

export const dynamic = 'force-dynamic'

export async function GET() {
  const state = await health()
  return Response.json(state, { status: state.status === 'ok' ? 200 : 503 })
}
