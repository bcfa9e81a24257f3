import { boil, followBoils, parseFollows } from '@/server/cook'
import { answer, eventStream } from '@/server/http'

export function GET(request: Request) {
  return answer(async () => {
    const from = parseFollows(new URL(request.url).searchParams.getAll('after'))
    await Promise.all([...from.keys()].map(boil))
    return eventStream((signal) => followBoils(from, signal), request)
  })
}
