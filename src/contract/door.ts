/** What the door tells the routes of a request; it takes these headers from nobody else. */

/** Who asks, for what one client may have of a thing. */
export const CLIENT_HEADER = 'x-imbry-client'
