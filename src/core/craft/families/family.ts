export interface Family {
  readonly label: string
  /** What decides the sweet, in a few words. */
  readonly decidedBy: string
  /** Usual target at sea level, °C. */
  readonly usual: { readonly low: number; readonly high: number }
  /** Ways of making it, by id. */
  readonly schools: Readonly<Record<string, string>>
  /** A change of this much water, share of the whole, is one the customer notices. */
  readonly waterMatters: number
}
