import './globals.css'
import type { Metadata } from 'next'
import { cookies, headers } from 'next/headers'
import type { ReactNode } from 'react'
import { byIn } from '@/contract/door'
import { KeysOverlay } from '@/ui/shell/keys-overlay'
import { Nav } from '@/ui/shell/nav'
import { PreferencesProvider } from '@/ui/shell/preferences'
import { unitsFrom } from '@/words'

export const metadata: Metadata = {
  title: { default: 'Imbry', template: '%s · Imbry' },
  description: 'For people who boil sugar: size, cook, pull, record.',
}

export default async function Layout({ children }: { children: ReactNode }) {
  const [jar, head] = await Promise.all([cookies(), headers()])
  const theme = jar.get('theme')?.value === 'dim' ? 'dim' : 'day'
  return (
    <html lang="en" data-theme={theme}>
      <body>
        <PreferencesProvider
          units={unitsFrom(jar.get('units')?.value)}
          theme={theme}
          may={byIn(head)?.role ?? 'owner'}
          zone={jar.get('zone')?.value ?? 'UTC'}
        >
          <div className="flex min-h-dvh flex-col md:flex-row">
            <Nav />
            <KeysOverlay />
            <main className="min-w-0 flex-1">{children}</main>
          </div>
        </PreferencesProvider>
      </body>
    </html>
  )
}
