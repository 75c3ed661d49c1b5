'use client';

import styled from 'styled-components';

/** An enamel panel: near-white, thin dark rim, round corners. */
export const Panel = styled.section`
  position: relative;
  background: var(--plate);
  border: 2px solid var(--rim);
  border-radius: 16px;
  padding: 16px 18px;
  box-shadow: var(--shade);
  min-width: 0;
`;

export const Mute = styled.span`
  color: var(--mute);
  font-size: 0.875rem;
`;

/** A page's column. */
export const Page = styled.main`
  max-width: 1320px;
  margin: 0 auto;
  padding: 16px;
  display: grid;
  gap: 16px;
  @media (max-width: 480px) {
    padding: 12px;
    gap: 12px;
  }
`;

/** A page's title and actions. */
export const PageHead = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: center;
  justify-content: space-between;
  h1 {
    font-size: 1.875rem;
  }
  > div:last-child {
    display: flex;
    gap: 10px;
    flex-wrap: wrap;
  }
`;

/** A short caution at the step where it matters. */
export const CautionNote = styled.p`
  font-size: 0.875rem;
  color: var(--ink);
  background: var(--warn-ground);
  border-left: 4px solid var(--warn);
  border-radius: 6px;
  padding: 8px 10px;
`;

export const FaultNote = styled.p`
  font-size: 0.875rem;
  color: var(--ink);
  background: var(--danger-ground);
  border-left: 4px solid var(--danger);
  border-radius: 6px;
  padding: 8px 10px;
`;
