/** What keeps a page from those who cannot see it, or cannot see it well. */
import AxeBuilder from '@axe-core/playwright'
import type { Page } from '@playwright/test'

/** What axe has against a page, whole or by some of its rules. The pages have no frames for it to look into. */
export async function findings(page: Page, rules?: string): Promise<string[]> {
  // what passes is not described: on a large page that is most of the work
  const axe = new AxeBuilder({ page }).setLegacyMode().options({ resultTypes: ['violations'] })
  const { violations } = await (rules ? axe.withRules(rules) : axe).analyze()
  return violations.map((v) => `${v.id}: ${v.nodes[0]?.html}`)
}
