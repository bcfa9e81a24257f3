/** Figures that are the same in every system of units: thin spaces in thousands, minutes and seconds, shares. */

const THIN = '\u202f'

/** 1820 → "1 820" with a non-breaking thin gap. */
export function formatCount(n: number): string {
  const rounded = Math.round(n)
  return Math.abs(rounded)
    .toString()
    .replace(/\B(?=(\d{3})+$)/g, THIN)
    .replace(/^/, rounded < 0 ? '−' : '')
}

/** "3 min 25", "45 s", "1 h 20". Negative spans read as 0 s. */
export function formatSpan(seconds: number): string {
  const s = Math.max(0, Math.round(seconds))
  if (s < 60) return `${s} s`
  if (s < 3600) {
    const rest = s % 60
    return rest ? `${Math.floor(s / 60)} min ${String(rest).padStart(2, '0')}` : `${s / 60} min`
  }
  const m = Math.round(s / 60)
  return m % 60 ? `${Math.floor(m / 60)} h ${String(m % 60).padStart(2, '0')}` : `${m / 60} h`
}

/** "46 min", "8 h 13": how long before the first flame, minutes to the whole one. */
export const formatAhead = (minutes: number): string => formatSpan(60 * Math.round(minutes))

/** "3:05", "1:02:10". */
export function formatClock(seconds: number): string {
  const s = Math.max(0, Math.round(seconds))
  const two = (n: number) => String(n).padStart(2, '0')
  return s < 3600
    ? `${Math.floor(s / 60)}:${two(s % 60)}`
    : `${Math.floor(s / 3600)}:${two(Math.floor((s % 3600) / 60))}:${two(s % 60)}`
}

/** 0.0964 → "9.6 %", 0.5 → "50 %": one decimal below 20 %. */
export function formatShare(share: number): string {
  const percent = share * 100
  return `${percent < 20 ? (Math.round(percent * 10) / 10).toString() : Math.round(percent)} %`
}

/** 2.35 → "2.4 ×". */
export const formatTimes = (times: number): string => `${times.toFixed(1)} ×`

/** 1.84 → "1.8 l". */
export const formatLitres = (litres: number): string => `${litres.toFixed(1)} l`

/** 0.634 → "63 %": whole per cents, for humidity and the like. */
export const formatPercent = (share: number): string => `${Math.round(share * 100)} %`

/** Minutes, as finely as they matter: "2.4 min", "38 min". */
export const formatMinutes = (minutes: number): string =>
  `${minutes < 10 ? minutes.toFixed(1) : Math.round(minutes)} min`
