'use client';

import { useServerInsertedHTML } from 'next/navigation';
import { type ReactNode, useState } from 'react';
import { ServerStyleSheet, StyleSheetManager } from 'styled-components';
import { GlobalStyle } from '@/ui/theme';

/** Collects styles on the server and sends them with the page's nonce; on the client it does nothing. */
export function StyleRegistry({ nonce, children }: { nonce: string | undefined; children: ReactNode }) {
  const [sheet] = useState(() => new ServerStyleSheet(nonce === undefined ? {} : { nonce }));
  useServerInsertedHTML(() => {
    const styles = sheet.getStyleElement();
    sheet.instance.clearTag();
    return <>{styles}</>;
  });
  if (typeof window !== 'undefined') {
    return (
      <>
        <GlobalStyle />
        {children}
      </>
    );
  }
  return (
    <StyleSheetManager sheet={sheet.instance}>
      <GlobalStyle />
      {children}
    </StyleSheetManager>
  );
}
