/** @type {import('next').NextConfig} */
const config = {
  serverExternalPackages: ['@electric-sql/pglite', 'pg', 'pdfkit'],
  images: { unoptimized: true },
  poweredByHeader: false,
  reactStrictMode: true,
  devIndicators: false,
  // Types are a check of `npm test`; a first start does not wait for them: half of a build.
  typescript: { ignoreBuildErrors: true },
  // Of what copies a component's static members onto one that wraps it, nothing here makes use (emotion's withTheme): 0.9 kB of every page.
  turbopack: { resolveAlias: { 'hoist-non-react-statics': './src/ui/theme/wrapped.ts' } },
  experimental: {
    // The first answer does not wait for pages that nobody asked for yet.
    preloadEntriesOnStart: false,
    // Neither is read by the running program; without them a first build takes a third less of the processors.
    turbopackSourceMaps: false,
    turbopackFileSystemCacheForBuild: false,
  },
};

export default config;
