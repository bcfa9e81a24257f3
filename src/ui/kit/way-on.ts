/** The way on from a page with nothing else on it. */
export const wayOn =
  'mt-2 flex min-h-12 items-center rounded-control bg-cherry px-5 text-main font-semibold text-on-fill hover:brightness-110'
