import { Loading } from '@/ui/shell/loading'

export default function LoadingPage() {
  return <Loading title="Stove" />
}
