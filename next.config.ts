import type { NextConfig } from 'next'

const config: NextConfig = {
  poweredByHeader: false,
  reactStrictMode: true,
  // types are checked once, by `npm test`
  typescript: { ignoreBuildErrors: true },
  // a page is loaded when it is first asked for: read all at once at every start they take as long as all else together
  experimental: {
    preloadEntriesOnStart: false,
    // nobody downloads what runs on the server: made small, it takes two thirds more of a build, and says less where it fails
    serverMinification: false,
    turbopackSourceMaps: false,
    optimizePackageImports: ['radix-ui', 'lucide-react'],
    // what another build could go on from takes a third of the time to keep, and the first build of a checkout is mostly its only one
    turbopackFileSystemCacheForBuild: process.env.BUILT_BEFORE === 'yes',
  },
}

export default config
