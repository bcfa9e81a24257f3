import type { NextConfig } from 'next'

const config: NextConfig = {
  poweredByHeader: false,
  reactStrictMode: true,
  // types are checked once, by `npm test`
  typescript: { ignoreBuildErrors: true },
  experimental: { optimizePackageImports: ['radix-ui', 'lucide-react'] },
}

export default config
