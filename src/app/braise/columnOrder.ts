import { css } from 'styled-components';

/** Position of a part in the single column of a narrow screen. */
export const columnOrder = (order: number) => css`
  @media (max-width: 900px) {
    order: ${order};
  }
`;
