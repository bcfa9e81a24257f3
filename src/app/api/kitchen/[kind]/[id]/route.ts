import { z } from 'zod'
import { kindSchema } from '@/contract/kitchen'
import { handle } from '@/contract/text'
import { answer, readPath, readWrite } from '@/server/http'
import { dropThing, keepThing } from '@/server/kitchen'

const place = z.object({ kind: kindSchema, id: handle })

interface Props {
  params: Promise<unknown>
}

export const PUT = (request: Request, { params }: Props) =>
  answer(async () => {
    const { kind, id } = readPath(await params, place)
    return Response.json(await keepThing(kind, id, await readWrite(request, z.unknown())))
  })

export const DELETE = (request: Request, { params }: Props) =>
  answer(async () => {
    const { kind, id } = readPath(await params, place)
    await readWrite(request, z.unknown())
    await dropThing(kind, id)
    return Response.json({ gone: true })
  })
