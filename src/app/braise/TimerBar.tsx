'use client';

import { Bell, Plus } from 'lucide-react';
import { useState } from 'react';
import styled from 'styled-components';
import { columnOrder } from './columnOrder';
import { useAlarms } from './useAlarms';
import { type Timer } from '@/core/cook';
import { Button } from '@/ui/controls/Button';
import { FieldRow } from '@/ui/controls/frame';
import { NumberField } from '@/ui/controls/NumberField';
import { Mute, Panel } from '@/ui/controls/Panel';
import { Sheet } from '@/ui/controls/Sheet';
import { TextField } from '@/ui/controls/TextField';
import { useNow, useWords } from '@/ui/KitchenContext';
import { type Words } from '@/words/words';
import { MINUTE_MS, SECOND_MS } from '@/core/quantity';

const Bar = styled(Panel)`
  padding: 8px 14px;
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
  flex: none;
  ${columnOrder(1)}
`;

const Chip = styled.div<{ $rings: boolean }>`
  display: flex;
  align-items: center;
  gap: 10px;
  border: 2px solid ${({ $rings }) => ($rings ? 'var(--ember)' : 'var(--line)')};
  background: ${({ $rings }) => ($rings ? 'var(--glow)' : 'transparent')};
  color: ${({ $rings }) => ($rings ? '#1d0c04' : 'inherit')};
  border-radius: 12px;
  padding: 4px 6px 4px 12px;
  min-height: 48px;
  max-width: 100%;
  b {
    font-size: 1.25rem;
    font-variant-numeric: tabular-nums;
  }
  span {
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
    max-width: 240px;
  }
  button {
    min-height: 48px;
  }
`;

const S_MS = 1000;
const TIMER_LIMITS = [1, 1440] as const;

/** Minutes and seconds of a countdown. */
export function runDown(ms: number): string {
  const s = Math.max(0, Math.ceil(ms / S_MS));
  return `${String(Math.floor(s / 60))}:${String(s % 60).padStart(2, '0')}`;
}

export function timerName(w: Words, { name }: Timer): string {
  return typeof name === 'string' ? name : w.title(name);
}

interface TimerBarProps {
  readonly timers: readonly Timer[];
  readonly onAnswer: (timer: Timer) => void;
  readonly onMore: (timer: Timer, minutes: number) => void;
  readonly onSet: (name: string, minutes: number) => void;
}

/** Running and ringing timers, and a warning about anything the browser blocks. */
export function TimerBar({ timers, onAnswer, onMore, onSet }: TimerBarProps) {
  const w = useWords();
  const now = useNow(SECOND_MS);
  const rings = timers.filter((t) => t.endsMs <= now).map((t) => ({ id: t.id, says: timerName(w, t) }));
  const alarms = useAlarms(rings);
  const [open, setOpen] = useState(false);
  const [name, setName] = useState('');
  const [minutes, setMinutes] = useState(10);
  const fits = minutes >= TIMER_LIMITS[0] && minutes <= TIMER_LIMITS[1];
  const withheld = [
    ...(alarms.sound === 'none' ? [w.text('timers.noSound')] : []),
    ...(alarms.notice === 'on' || alarms.notice === 'ask' ? [] : [w.text('timers.noNotice')]),
    ...(alarms.awake === 'on' ? [] : [w.text('timers.notAwake')]),
  ];
  return (
    <Bar aria-label={w.text('timers.timers')}>
      {timers.map((timer) => {
        const rings = timer.endsMs <= now;
        const says = timerName(w, timer);
        return (
          <Chip key={timer.id} $rings={rings} role={rings ? 'alert' : undefined}>
            <span title={says}>{says}</span>
            <b>
              {rings
                ? w.text('timers.over', { time: w.quantity(Math.max(0, (now - timer.endsMs) / MINUTE_MS), 'minutes') })
                : runDown(timer.endsMs - now)}
            </b>
            {rings ? (
              <>
                <Button
                  $tone="main"
                  aria-label={w.text('timers.answer', { name: says })}
                  onPress={() => {
                    onAnswer(timer);
                  }}
                >
                  {w.text('timers.ok')}
                </Button>
                <Button
                  aria-label={w.text('timers.more', { name: says })}
                  onPress={() => {
                    onMore(timer, 2);
                  }}
                >
                  +2
                </Button>
              </>
            ) : null}
          </Chip>
        );
      })}
      <Button
        onPress={() => {
          setOpen(true);
        }}
      >
        <Plus size={18} aria-hidden /> {w.text('timers.timer')}
      </Button>
      {alarms.sound === 'ask' || alarms.notice === 'ask' ? (
        <Button onPress={alarms.ask} aria-description={w.text('timers.soundAfterTouch')}>
          <Bell size={18} aria-hidden /> {w.text('timers.letItRing')}
        </Button>
      ) : null}
      {withheld.length === 0 ? null : <Mute>{withheld.join(' ')}</Mute>}
      <Sheet
        title={w.text('timers.timer')}
        isOpen={open}
        onClose={() => {
          setOpen(false);
        }}
      >
        <FieldRow>
          <TextField label={w.text('timers.name')} value={name} maxLength={80} onChange={setName} />
          <NumberField label={w.text('timers.minutes')} step={1} value={minutes} onChange={setMinutes} />
        </FieldRow>
        <Button
          $tone="main"
          isDisabled={!fits || name.trim() === ''}
          onPress={() => {
            onSet(name.trim(), minutes);
            setName('');
            setOpen(false);
          }}
        >
          {w.text('timers.set')}
        </Button>
      </Sheet>
    </Bar>
  );
}
