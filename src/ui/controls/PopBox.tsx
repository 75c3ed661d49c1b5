'use client';

import { Popover } from 'react-aria-components';
import styled from 'styled-components';

/** The box that opens over the page: menus, small forms, answers to "why?". */
export const PopBox = styled(Popover)<{ $widthPx: number }>`
  background: var(--plate);
  color: var(--ink);
  border: 2px solid var(--rim);
  border-radius: 14px;
  box-shadow: 0 10px 30px rgb(7 18 22 / 30%);
  max-width: min(${({ $widthPx }) => String($widthPx)}px, calc(100vw - 24px));
  overflow: auto;
`;
