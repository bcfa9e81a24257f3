'use client'

import { BookOpen, CalendarClock, CookingPot, Flame, NotebookPen } from 'lucide-react'
import { usePathname } from 'next/navigation'
import { Link } from '@/ui/kit/link'
import { usePreferences } from './preferences'
import { UnitsMenu } from './units-menu'

const places = [
  { href: '/stove', label: 'Stove', Icon: Flame },
  { href: '/formulas', label: 'Formulas', Icon: BookOpen },
  { href: '/day', label: 'Day', Icon: CalendarClock },
  { href: '/logbook', label: 'Logbook', Icon: NotebookPen },
  { href: '/kitchen', label: 'Kitchen', Icon: CookingPot },
] as const

export function Nav() {
  const path = usePathname()
  const { units, theme, setUnits, setTheme } = usePreferences()
  // there is nowhere to go for a screen nobody knows
  if (path === '/sign-in') return null
  return (
    <nav
      aria-label="Places"
      className="flex shrink-0 flex-row items-center gap-0 bg-bar px-1 py-2 text-bar-muted md:gap-2 md:px-2 md:sticky md:top-0 md:h-dvh md:w-[92px] md:flex-col md:py-5 print:hidden"
    >
      <span className="casual hidden px-2 text-head font-extrabold text-on-bar md:mb-4 md:block">imbry</span>
      {places.map(({ href, label, Icon }) => {
        const here = path.startsWith(href)
        return (
          <Link
            key={href}
            href={href}
            aria-current={here ? 'page' : undefined}
            className={`flex min-h-12 flex-1 items-center justify-center gap-2 rounded-control px-1 text-fine font-medium md:min-h-16 md:px-2 md:text-small md:w-[76px] md:flex-none md:flex-col md:gap-1 ${here ? 'bg-cherry text-on-fill' : 'hover:text-on-bar'}`}
          >
            <Icon size={18} aria-hidden className="hidden md:block" />
            {label}
          </Link>
        )
      })}
      <div className="flex md:mt-auto md:flex-col md:gap-1">
        <UnitsMenu units={units} onUnits={setUnits} />
        <button
          type="button"
          className="min-h-12 rounded-control px-1 text-fine hover:text-on-bar md:px-3 md:text-small"
          aria-pressed={theme === 'dim'}
          onClick={() => setTheme(theme === 'dim' ? 'day' : 'dim')}
        >
          Dim
        </button>
      </div>
    </nav>
  )
}
