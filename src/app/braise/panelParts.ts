import styled from 'styled-components';

export const Box = styled.section`
  display: grid;
  gap: 10px;
  container-type: inline-size;
  h2 {
    font-size: 1.25rem;
  }
`;

export const Acts = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  button {
    min-height: 48px;
  }
`;

export const Rows = styled.ul`
  display: grid;
  gap: 6px;
  > li {
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto;
    gap: 2px 10px;
    align-items: center;
    border-left: 5px solid var(--line);
    padding: 4px 10px;
  }
  > li[data-on] {
    border-left-color: var(--glow);
    background: var(--well);
    border-radius: 0 10px 10px 0;
  }
  > li[data-bad] {
    border-left-color: var(--warn);
  }
  small {
    grid-column: 1 / -1;
    color: var(--mute);
    font-size: 0.875rem;
    line-height: 1.3;
  }
  button {
    min-height: 40px;
  }
`;
