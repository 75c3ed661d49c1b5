'use client';

import { Button as AriaButton } from 'react-aria-components';
import styled from 'styled-components';
import { HOTKEYS } from './hotkeys';
import { place } from './place';
import { type CookActKind } from '@/core/cook/events';
import { type CookState, eventsOf } from '@/core/cook/state';
import { heatWords } from '@/core/plan/heats';
import { formatTemperature } from '@/core/quantity/format';
import { sentenceInUnits } from '@/core/quantity/sentence';
import { type UnitChoice } from '@/core/quantity/units';
import { STAGE_WORDS } from '@/core/tenderness/stages';
import { useUnits } from '@/ui/KitchenContext';
import { DISPLAY } from '@/ui/theme';

const Records = styled.div`
  display: grid;
  grid-template-columns: repeat(6, minmax(0, 1fr));
  gap: 10px;
  flex: none;
  @media (max-width: 900px) {
    grid-template-columns: repeat(3, minmax(0, 1fr));
  }
  ${place(1)}
`;

const RecordButton = styled(AriaButton)`
  border: 2px solid var(--line);
  border-radius: 14px;
  background: var(--plate);
  color: var(--ink);
  min-height: 68px;
  padding: 8px 12px;
  text-align: left;
  cursor: pointer;
  strong {
    font-family: ${DISPLAY};
    font-size: 18px;
    display: flex;
    justify-content: space-between;
    gap: 6px;
  }
  kbd {
    font: inherit;
    font-size: 14px;
    color: var(--mute);
    border: 1px solid var(--line);
    border-radius: 5px;
    padding: 0 6px;
  }
  small {
    color: var(--mute);
    font-size: 14px;
  }
  &:hover {
    border-color: var(--glow);
  }
  &[data-disabled] {
    opacity: 0.5;
    cursor: default;
  }
  @media (max-width: 900px) {
    kbd {
      display: none;
    }
  }
`;

const RECORD_NAMES: Readonly<Partial<Record<CookActKind, string>>> = {
  fork: 'Fork',
  probe: 'Probe',
  liquid: 'Liquid',
  turned: 'Turned',
  heat: 'Heat',
  note: 'Note',
};

function recordHint(kind: CookActKind, state: CookState, units: UnitChoice): string {
  switch (kind) {
    case 'fork': {
      const last = eventsOf(state.events, 'fork').at(-1);
      return last ? `last: ${STAGE_WORDS[last.act.stage].name}` : 'how does it feel';
    }
    case 'probe': {
      const last = eventsOf(state.events, 'probe').at(-1);
      return last ? `last: ${formatTemperature(last.act.tempC, units)}` : 'core reading';
    }
    case 'liquid':
      return 'mark the level';
    case 'turned':
      return state.turned ? 'once already' : 'pieces over';
    case 'heat':
      return sentenceInUnits(heatWords(state.heat), units);
    default:
      return 'in your words';
  }
}

/** The six records, one tap each. */
export function RecordButtons({ state, onAct }: { state: CookState; onAct: (act: CookActKind) => void }) {
  const units = useUnits();
  return (
    <Records>
      {Object.entries(HOTKEYS).map(([key, { act: kind }]) => (
        <RecordButton
          key={key}
          isDisabled={state.phase === 'finished' || (state.intoPotMs === undefined && kind !== 'note')}
          onPress={() => {
            onAct(kind);
          }}
        >
          <strong>
            {RECORD_NAMES[kind]} <kbd aria-hidden>{key}</kbd>
          </strong>
          <small>{recordHint(kind, state, units)}</small>
        </RecordButton>
      ))}
    </Records>
  );
}
