/** Who a screen can be. Apart from the table of rights: windows ask it, and need no table for that. */

/** From who may only look to who may do everything; each may do what stands before it, too. */
export const roles = ['looker-on', 'cook', 'owner'] as const
export type Role = (typeof roles)[number]

/** Whether somebody of role `has` may do what asks for `asks`. */
export const mayDo = (has: Role, asks: Role): boolean => roles.indexOf(has) >= roles.indexOf(asks)

/** Who did something, as the log keeps it: the screen's name, and what it may. */
export interface By {
  readonly id: string
  readonly name: string
  readonly role: Role
}
