import { Button as AriaButton } from 'react-aria-components';
import styled from 'styled-components';
import { columnOrder } from './columnOrder';
import { Panel } from '@/ui/controls/Panel';
import { Unboxed } from '@/ui/lazy';

export const Night = styled.div`
  background: var(--bench);
  color: var(--ink);
  min-height: calc(100vh - 56px);
  /* Wet hands: nothing at the stove is smaller. */
  main a,
  main button {
    min-width: 48px;
    min-height: 48px;
  }
`;

export const Layout = styled.main`
  max-width: 1320px;
  margin: 0 auto;
  padding: 14px 16px 24px;
  display: grid;
  grid-template-columns: minmax(320px, 460px) minmax(0, 1fr);
  gap: 14px;
  align-items: start;
  @media (min-width: 901px) and (min-height: 790px) {
    height: calc(100vh - 56px);
    grid-template-rows: minmax(0, 1fr) auto;
    padding-bottom: 14px;
  }
  @media (max-width: 900px) {
    grid-template-columns: minmax(0, 1fr);
    padding: 10px;
    gap: 10px;
  }
`;

/** A column on a wide screen; on a narrow one its parts join the single column in their own order. */
export const Stack = styled.div`
  display: flex;
  flex-direction: column;
  gap: 14px;
  min-width: 0;
  height: 100%;
  @media (min-width: 901px) and (min-height: 790px) {
    overflow-y: auto;
    scrollbar-width: thin;
    min-height: 0;
    > *,
    > ${Unboxed} > * {
      flex: none;
    }
  }
  @media (max-width: 900px) {
    display: contents;
  }
`;

/** Beside the card the forecast takes the remaining height; its chart shrinks first. */
export const Beyond = styled(Stack)`
  @media (min-width: 901px) and (min-height: 790px) {
    overflow: hidden;
    > section,
    > ${Unboxed} > section {
      flex: 1 1 auto;
    }
  }
`;

export const Alerts = styled.div`
  display: grid;
  gap: 10px;
  ${columnOrder(1)}
  &:empty {
    display: none;
  }
`;

export const Foot = styled(Panel)`
  grid-column: 1 / -1;
  padding: 10px 18px;
  @media (min-width: 901px) and (min-height: 790px) {
    max-height: 26vh;
    overflow-y: auto;
    scrollbar-width: thin;
  }
  ${columnOrder(4)}
`;

export const AlarmBox = styled(Panel)`
  /* The same red by day and by night: white stands on it at 6.5 to 1. */
  background: #b3261e;
  color: #ffffff;
  border-color: transparent;
  display: grid;
  gap: 8px;
  h1 {
    font-size: 2.125rem;
  }
  p {
    font-size: 1.125rem;
    line-height: 1.35;
  }
  ${columnOrder(0)}
`;

export const InTheLog = styled(Panel)`
  display: grid;
  gap: 8px;
  h1 {
    font-size: 2.125rem;
  }
  ${columnOrder(0)}
`;

export const Top = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  align-items: start;
  gap: 10px;
  flex: none;
  @media (max-width: 900px) {
    grid-template-columns: minmax(0, 1fr);
  }
  ${columnOrder(1)}
`;

export const TroubleButton = styled(AriaButton)`
  && {
    min-height: 64px;
  }
  padding: 0 22px;
  border: 2px solid var(--warn);
  border-radius: 14px;
  background: var(--plate);
  color: var(--ink);
  font-size: 1.125rem;
  font-weight: 700;
  cursor: pointer;
  kbd {
    font: inherit;
    font-size: 0.875rem;
    color: var(--mute);
    border: 1px solid var(--line);
    border-radius: 5px;
    padding: 0 6px;
  }
  @media (max-width: 900px) {
    kbd {
      display: none;
    }
  }
`;

export const NoteButton = styled(TroubleButton)`
  border-color: var(--line);
  && {
    min-height: 52px;
  }
  justify-self: start;
  align-self: start;
  flex: none;
  ${columnOrder(3)}
`;

export const Drawn = styled.div`
  width: 100%;
  max-width: 440px;
  margin: 0 auto;
`;

export const Early = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  flex: none;
  ${columnOrder(3)}
`;

export const StagePanel = styled(Panel)`
  flex: 1 1 auto;
  min-height: 0;
  overflow: auto;
  display: grid;
  gap: 12px;
  align-content: start;
  ${columnOrder(2)}
`;

export const Outlook = styled.p`
  display: grid;
  gap: 2px;
  > span:first-child {
    font-size: 1.25rem;
    font-weight: 700;
  }
`;
