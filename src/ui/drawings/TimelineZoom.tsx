'use client';

import { ToggleButton, ToggleButtonGroup } from 'react-aria-components';
import styled from 'styled-components';
import { type Zoom } from './timelineScale';
import { useWords } from '../KitchenContext';

const Group = styled(ToggleButtonGroup)<{ $upright: boolean }>`
  display: flex;
  ${({ $upright }) => ($upright ? 'display: grid; grid-template-columns: repeat(2, auto);' : '')}
  align-items: center;
  justify-content: flex-end;
  gap: 4px;
  font-size: 0.875rem;
  color: var(--mute);
  button {
    min-width: 44px;
    min-height: 28px;
    border: 2px solid var(--line);
    border-radius: 999px;
    background: var(--plate);
    color: var(--ink);
    cursor: pointer;
    font-size: 0.875rem;
  }
  button[data-selected] {
    background: var(--enamel);
    color: var(--on-enamel);
    border-color: var(--enamel);
  }
  button[data-focus-visible] {
    outline: 3px solid var(--ring);
    outline-offset: 2px;
  }
`;

interface TimelineZoomProps {
  readonly zooms: readonly Zoom[];
  readonly chosen: string;
  readonly upright: boolean;
  readonly onChoose: (id: string) => void;
}

/** The zoom level of the line. */
export function TimelineZoom({ zooms, chosen, upright, onChoose }: TimelineZoomProps) {
  const w = useWords();
  return (
    <Group
      $upright={upright}
      selectionMode="single"
      disallowEmptySelection
      selectedKeys={[chosen]}
      onSelectionChange={(keys) => {
        const [key] = keys;
        if (key !== undefined) onChoose(String(key));
      }}
      aria-label={w.text('emberZooms.howNearToLook')}
    >
      {zooms.map((z) => (
        <ToggleButton key={z.id} id={z.id}>
          {w.text(`zoom.${z.id}`)}
        </ToggleButton>
      ))}
    </Group>
  );
}
