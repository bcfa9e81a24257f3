import { Missing } from '@/ui/shell/missing'

export default function NotFound() {
  return <Missing place="kitchen" />
}
