/** @type {import('next').NextConfig} */
const config = {
  serverExternalPackages: ['@electric-sql/pglite', 'pg', 'pdfkit'],
  images: { unoptimized: true },
  poweredByHeader: false,
  reactStrictMode: true,
  devIndicators: false,
  // Types are a check of `npm test`; a first start does not wait for them: half of a build.
  typescript: { ignoreBuildErrors: true },
  experimental: {
    // The first answer does not wait for pages that nobody asked for yet.
    preloadEntriesOnStart: false,
    // Neither is read by the running program; without them a first build takes a third less of the processors.
    turbopackSourceMaps: false,
    turbopackFileSystemCacheForBuild: false,
  },
};

export default config;
