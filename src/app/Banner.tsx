'use client';

import styled from 'styled-components';

/** A banner shown above every page. */
export const Banner = styled.div<{ $glows?: boolean }>`
  background: ${({ $glows }) => ($glows === true ? 'var(--glow)' : 'var(--enamel)')};
  color: ${({ $glows }) => ($glows === true ? '#1d0c04' : 'var(--on-enamel)')};
  padding: 8px 16px;
  display: flex;
  flex-wrap: wrap;
  gap: 8px 16px;
  align-items: center;
  justify-content: center;
  font-weight: 650;
  a {
    color: inherit;
  }
  svg {
    flex: none;
  }
  @media print {
    display: none;
  }
`;
