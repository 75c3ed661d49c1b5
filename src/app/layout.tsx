import { type Metadata, type Viewport } from 'next';
import { cookies, headers } from 'next/headers';
import { type ReactNode } from 'react';
import { FONTS } from './fonts';
import { StyleRegistry } from './StyleRegistry';
import { BackupBanner } from './backups/BackupBanner';
import { OfflineKeeper } from './OfflineKeeper';
import { OutboxNote } from './OutboxNote';
import { LeftoversNotice } from './LeftoversNotice';
import { ConnectionNotice } from './ConnectionNotice';
import { TopBar } from './TopBar';
import { PageContent, SkipLink } from './Way';
import { isTheme, THEME_COOKIE } from '@/ui/themeChoice';
import { KitchenProvider } from '@/ui/KitchenContext';
import { buildId } from '@/server/build';
import { nowMs } from '@/server/clock';
import { Trouble } from './Trouble';
import { startupError } from '@/server/database';
import { pageDataSource } from '@/server/backupPreview';
import { timeZoneOf } from '@/server/kitchens';
import { fridgeBoxes } from '@/server/shelf';
import { languageOf } from '@/words/languages';
import { copyMadeMs, pageWords, readerChoice, servedKitchen } from './pageWords';

export async function generateMetadata(): Promise<Metadata> {
  return {
    title: { default: 'Even Ember', template: '%s · Even Ember' },
    description: (await pageWords()).text('page.description'),
  };
}

export const viewport: Viewport = { width: 'device-width', initialScale: 1, themeColor: '#17363c' };

export default async function RootLayout({ children }: { children: ReactNode }) {
  const nonce = (await headers()).get('x-nonce') ?? undefined;
  const jar = await cookies();
  const chosen = jar.get(THEME_COOKIE)?.value;
  const theme = isTheme(chosen) ? chosen : undefined;
  const trouble = await startupError();
  const kitchen = await servedKitchen();
  const madeMs = trouble ? undefined : await copyMadeMs();
  // What a backup lists may have been eaten long ago.
  const fridge = trouble || madeMs !== undefined ? [] : await fridgeBoxes((await pageDataSource()).db, nowMs());
  const setting = {
    timeZone: timeZoneOf(kitchen),
    ownTimeZone: kitchen.timeZone,
    renderedAtMs: nowMs(),
    build: buildId(),
    ...(await readerChoice()),
  };
  return (
    <html lang={languageOf(setting.language).tag} className={FONTS} data-theme={theme}>
      <head>{nonce === undefined ? null : <meta property="csp-nonce" nonce={nonce} content={nonce} />}</head>
      <body>
        <StyleRegistry nonce={nonce}>
          <KitchenProvider setting={setting}>
            <SkipLink />
            <TopBar theme={theme} />
            {madeMs === undefined ? null : <BackupBanner madeMs={madeMs} />}
            <ConnectionNotice />
            <LeftoversNotice kept={fridge} />
            <OfflineKeeper />
            <OutboxNote />
            <PageContent>{trouble ? <Trouble says={trouble} /> : children}</PageContent>
          </KitchenProvider>
        </StyleRegistry>
      </body>
    </html>
  );
}
