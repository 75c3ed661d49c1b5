'use client';

import { Button as AriaButton } from 'react-aria-components';
import styled, { css } from 'styled-components';
import { DISPLAY } from '../theme';

const shape = css`
  display: inline-flex;
  align-items: center;
  justify-content: center;
  gap: 8px;
  min-height: 44px;
  padding: 0 18px;
  border-radius: 12px;
  border: 2px solid var(--rim);
  font-family: ${DISPLAY};
  font-weight: 650;
  font-size: 1rem;
  text-decoration: none;
  cursor: pointer;
  white-space: nowrap;
`;

const tones = {
  plain: css`
    background: var(--plate);
    color: var(--ink);
    border-color: var(--line);
    &:hover {
      border-color: var(--mute);
    }
  `,
  main: css`
    background: var(--enamel);
    color: var(--on-enamel);
    border-color: var(--enamel);
    [data-theme='dark'] & {
      border-color: var(--line);
    }
    &:hover {
      filter: brightness(1.2);
    }
  `,
  hands: css`
    background: linear-gradient(100deg, var(--glow), var(--ember));
    color: var(--on-ember);
    border-color: transparent;
    &:hover {
      filter: brightness(1.06);
    }
  `,
  danger: css`
    background: var(--plate);
    color: var(--danger);
    border-color: var(--danger);
    &:hover {
      background: var(--danger-ground);
    }
  `,
} as const;

export type Tone = keyof typeof tones;

/** A push button; `hands` is for what the pot needs from the cook now. */
export const Button = styled(AriaButton)<{ $tone?: Tone }>`
  ${shape}
  ${({ $tone }) => tones[$tone ?? 'plain']}
  &[data-disabled] {
    opacity: 0.55;
    cursor: default;
  }
`;

/** The same look on a link. */
export const linkButton = (tone: Tone) => css`
  ${shape}
  ${tones[tone]}
`;

/** A quiet text button. */
export const TextButton = styled(AriaButton)`
  border: 0;
  background: none;
  padding: 4px 0;
  min-height: 28px;
  color: var(--ink);
  text-decoration: underline;
  text-underline-offset: 3px;
  font-size: 0.875rem;
  cursor: pointer;
  text-align: left;
  &[data-disabled] {
    color: var(--mute);
    cursor: default;
  }
`;

export const IconButton = styled(AriaButton)`
  width: 32px;
  height: 32px;
  border: 0;
  border-radius: 8px;
  background: none;
  display: grid;
  place-items: center;
  cursor: pointer;
  color: var(--mute);
  flex: none;
  &:hover {
    background: var(--well);
    color: var(--ink);
  }
`;
