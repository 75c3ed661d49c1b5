import type { NextConfig } from 'next';

const config: NextConfig = {
  compiler: { styledComponents: true },
  serverExternalPackages: ['pino', 'piscina', 'sequelize', 'sqlite3', 'umzug'],
  turbopack: { root: import.meta.dirname },
  poweredByHeader: false,
  // ./check has its own step for types.
  typescript: { ignoreBuildErrors: true },
  // The proxy does it, so that redirects get the security headers too.
  skipTrailingSlashRedirect: true,
  allowedDevOrigins: ['127.0.0.1'],
};

export default config;
