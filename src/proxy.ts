import { type NextRequest, NextResponse } from 'next/server'

/** A strict content security policy with a nonce for each page: own scripts and styles only, nothing from elsewhere. */
export function proxy(request: NextRequest) {
  const nonce = Buffer.from(crypto.randomUUID()).toString('base64')
  const policy = [
    "default-src 'self'",
    `script-src 'self' 'nonce-${nonce}' 'strict-dynamic'`,
    "style-src 'self' 'unsafe-inline'",
    "img-src 'self' data:",
    "font-src 'self'",
    "connect-src 'self'",
    "worker-src 'self'",
    "object-src 'none'",
    "base-uri 'none'",
    "form-action 'self'",
    "frame-ancestors 'none'",
  ].join('; ')
  const headers = new Headers(request.headers)
  headers.set('x-nonce', nonce)
  headers.set('content-security-policy', policy)
  const response = NextResponse.next({ request: { headers } })
  response.headers.set('content-security-policy', policy)
  response.headers.set('x-content-type-options', 'nosniff')
  response.headers.set('referrer-policy', 'same-origin')
  return response
}

export const config = { matcher: [{ source: '/((?!api|_next/static|icon).*)' }] }
