import type { NextConfig } from 'next';

const config: NextConfig = {
  compiler: { styledComponents: true },
  serverExternalPackages: ['pino', 'piscina', 'sequelize', 'sqlite3', 'umzug'],
  turbopack: { root: import.meta.dirname },
  poweredByHeader: false,
  // Types are a step of ./check of their own.
  typescript: { ignoreBuildErrors: true },
  // The proxy does it, so that a redirect too has its headers.
  skipTrailingSlashRedirect: true,
  allowedDevOrigins: ['127.0.0.1'],
};

export default config;
