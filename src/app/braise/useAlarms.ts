'use client';

import { useCallback, useEffect, useRef, useState } from 'react';
import { type Allowed, noticeNow, notify } from '@/ui/notice';

export interface Alarms {
  readonly sound: Allowed;
  readonly notice: Allowed;
  readonly awake: Allowed;
  /** Asks for all permissions alarms need, at a tap. */
  readonly ask: () => void;
}

export interface Ringing {
  readonly id: string;
  readonly says: string;
}

const EVERY_MS = 2000;
/** Each ring is louder, up to this. */
const LOUDEST = 0.6;
const FIRST = 0.15;
const LOUDER = 1.3;
const TONES_HZ = [880, 660] as const;
const TONE_S = 0.25;
const SHAKE = [200, 100, 200];

function play(context: AudioContext, loudness: number): void {
  TONES_HZ.forEach((hz, i) => {
    const tone = context.createOscillator();
    const gain = context.createGain();
    const from = context.currentTime + i * TONE_S;
    tone.frequency.value = hz;
    gain.gain.setValueAtTime(0, from);
    gain.gain.linearRampToValueAtTime(loudness, from + 0.02);
    gain.gain.linearRampToValueAtTime(0, from + TONE_S);
    tone.connect(gain).connect(context.destination);
    tone.start(from);
    tone.stop(from + TONE_S);
  });
}

/**
 * Rings for what is due, as loudly as the browser allows: a growing tone until answered, a notification, vibration;
 * also keeps the screen awake. No sound plays before the page was touched, and anything blocked is reported.
 */
export function useAlarms(ringing: readonly Ringing[]): Alarms {
  const context = useRef<AudioContext>(undefined);
  const [sound, setSound] = useState<Allowed>('ask');
  const [notice, setNotice] = useState<Allowed>('none');
  const [awake, setAwake] = useState<Allowed>('none');
  const noticed = useRef(new Set<string>());

  const ask = useCallback((): void => {
    if (typeof AudioContext === 'undefined') setSound('none');
    else {
      context.current ??= new AudioContext();
      void context.current.resume().then(() => {
        setSound(context.current?.state === 'running' ? 'on' : 'ask');
      });
    }
    if (noticeNow() === 'ask') {
      void Notification.requestPermission().then(() => {
        setNotice(noticeNow());
      });
    }
  }, []);

  // Permissions are known only in the browser.
  useEffect(() => {
    const look = setTimeout(() => {
      setNotice(noticeNow());
      if (typeof AudioContext === 'undefined') setSound('none');
    });
    const touched = (): void => {
      if (typeof AudioContext === 'undefined') return;
      context.current ??= new AudioContext();
      void context.current.resume().then(() => {
        if (context.current?.state === 'running') setSound('on');
      });
    };
    addEventListener('pointerdown', touched, { once: true });
    addEventListener('keydown', touched, { once: true });
    return () => {
      clearTimeout(look);
      removeEventListener('pointerdown', touched);
      removeEventListener('keydown', touched);
    };
  }, []);

  // The screen stays awake while the page is visible; the browser releases the lock when it is not.
  useEffect(() => {
    let held: WakeLockSentinel | undefined;
    let gone = false;
    const take = async (): Promise<void> => {
      if (!('wakeLock' in navigator)) return;
      if (document.visibilityState !== 'visible') return;
      try {
        held = await navigator.wakeLock.request('screen');
        if (gone) await held.release();
        else setAwake('on');
      } catch {
        setAwake('refused');
      }
    };
    const onSeen = (): void => void take();
    void take();
    document.addEventListener('visibilitychange', onSeen);
    return () => {
      gone = true;
      document.removeEventListener('visibilitychange', onSeen);
      void held?.release();
    };
  }, []);

  const key = ringing.map((r) => r.id).join(' ');
  useEffect(() => {
    if (key === '') return;
    let loudness = FIRST;
    const ring = (): void => {
      if (context.current?.state === 'running') play(context.current, loudness);
      loudness = Math.min(LOUDEST, loudness * LOUDER);
      // A phone vibrates only for a page that was touched.
      if ('vibrate' in navigator && navigator.userActivation.hasBeenActive) navigator.vibrate(SHAKE);
    };
    ring();
    const again = setInterval(ring, EVERY_MS);
    return () => {
      clearInterval(again);
    };
  }, [key]);

  useEffect(() => {
    for (const { id, says } of ringing) {
      if (noticed.current.has(id)) continue;
      noticed.current.add(id);
      notify(id, says);
    }
  }, [ringing]);

  return { sound, notice, awake, ask };
}
