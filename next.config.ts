import type { NextConfig } from 'next'

const config: NextConfig = {
  poweredByHeader: false,
  reactStrictMode: true,
  // types are checked once, by `npm test`
  typescript: { ignoreBuildErrors: true },
  // a page is loaded when it is first asked for: read all at once at every start they take as long as all else together
  experimental: { preloadEntriesOnStart: false, optimizePackageImports: ['radix-ui', 'lucide-react'] },
}

export default config
