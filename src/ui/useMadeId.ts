'use client';

import { useCallback, useRef } from 'react';

/**
 * Ids for what is about to be sent: unchanged while the content is, so that sending again after a lost answer does not
 * make a second one.
 */
export function useMadeId(): (sent: unknown) => string {
  const last = useRef({ text: '', id: '' });
  return useCallback((sent) => {
    const text = JSON.stringify(sent);
    if (last.current.text !== text) last.current = { text, id: crypto.randomUUID() };
    return last.current.id;
  }, []);
}
