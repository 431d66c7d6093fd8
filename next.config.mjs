/** @type {import('next').NextConfig} */
const config = {
  serverExternalPackages: ['@electric-sql/pglite', 'pg', 'pdfkit'],
  images: { unoptimized: true },
  poweredByHeader: false,
  reactStrictMode: true,
  devIndicators: false,
  // The first answer does not wait for pages that nobody asked for yet.
  experimental: { preloadEntriesOnStart: false },
};

export default config;
