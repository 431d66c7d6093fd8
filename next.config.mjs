/** @type {import('next').NextConfig} */
const config = {
  serverExternalPackages: ['@electric-sql/pglite', 'pg', 'pdfkit'],
  images: { unoptimized: true },
  poweredByHeader: false,
  reactStrictMode: true,
  devIndicators: false,
  // Types are a check of `npm test`; a first start does not wait for them: half of a build.
  typescript: { ignoreBuildErrors: true },
  // The first answer does not wait for pages that nobody asked for yet.
  experimental: { preloadEntriesOnStart: false },
};

export default config;
