/** For pages, which know no database. */
export { UnreadableRow } from '@/db'
