'use client';

import { createGlobalStyle, css } from 'styled-components';

/** Typeface of headings and large figures. */
export const DISPLAY = 'var(--font-display), var(--font-display-more), system-ui, sans-serif';

/** Colours by meaning. Ember and glow are heat or hands-on work; wine is meat, marrow bone, broth liquid. */
const daylight = css`
  --bench: #dfe5e0;
  --plate: #fcfcf8;
  --well: #eef1ec;
  --ink: #12211f;
  --mute: #4d5d5a;
  --line: #c6d0ca;
  --rim: #17363c;
  --enamel: #17363c;
  --deep: #0d2429;
  --on-enamel: #fcfcf8;
  --on-enamel-mute: #b9c8c4;
  --ember: #e2542a;
  --ember-ink: #a8330f;
  --glow: #f7a52b;
  --ring: #a8330f;
  --edge: #71847d;
  --on-ember: #1d0c04;
  --wine: #7b2740;
  --marrow: #f1e1c3;
  --broth: #b0652f;
  --broth-deep: #8f4e22;
  --sage: #3f7556;
  --wait: #9fb5ad;
  --warn: #8a4f00;
  --warn-ground: #fff1dc;
  --danger: #b3261e;
  --danger-ground: #fdeceb;
  --warm-air: #fbe3c3;
  --hot-air: #f6c98c;
  --shade: 0 1px 0 rgb(13 36 41 / 8%);
  color-scheme: light;
`;

const night = css`
  --bench: #0d2025;
  --plate: #15313a;
  --well: #0f262d;
  --ink: #f2f5ef;
  --mute: #adbeb9;
  --line: #33535b;
  --rim: #0a181c;
  --enamel: #0a1a1f;
  --deep: #071216;
  --on-enamel: #fcfcf8;
  --on-enamel-mute: #b9c8c4;
  --ember: #ee6a3c;
  --ember-ink: #ff9d73;
  --glow: #f7a52b;
  --ring: #f7a52b;
  --edge: #7d9a98;
  --on-ember: #1d0c04;
  --wine: #b04c68;
  --marrow: #f1e1c3;
  --broth: #b0652f;
  --broth-deep: #8f4e22;
  --sage: #86c3a0;
  --wait: #82a59d;
  --warn: #ffc46b;
  --warn-ground: #3a2c14;
  --danger: #ff9d95;
  --danger-ground: #43201e;
  --warm-air: #3a2a1e;
  --hot-air: #5a3820;
  --shade: none;
  color-scheme: dark;
`;

export const GlobalStyle = createGlobalStyle`
  :root { ${daylight} }
  [data-theme='dark'] { ${night} }
  @media (prefers-color-scheme: dark) { :root:not([data-theme='light']) { ${night} } }
  [data-theme='light'] { ${daylight} }
  @media print {
    :root:root { ${daylight} --bench: #fff; --plate: #fff; --mute: #333; }
    @page { margin: 11mm 12mm; }
  }

  *, *::before, *::after { box-sizing: border-box; }
  html { -webkit-text-size-adjust: 100%; scroll-padding-bottom: var(--dock, 0px); }
  body {
    margin: 0;
    background: var(--bench);
    color: var(--ink);
    font-family: var(--font-text), var(--font-text-more), system-ui, sans-serif;
    font-size: 1rem;
    line-height: 1.4;
    font-variant-numeric: tabular-nums;
  }
  h1, h2, h3, h4 {
    font-family: ${DISPLAY};
    font-weight: 700;
    line-height: 1.15;
    margin: 0;
    letter-spacing: -0.01em;
  }
  p { margin: 0; }
  summary { min-height: 24px; }
  ul, ol { margin: 0; padding: 0; list-style: none; }
  a { color: inherit; }
  button, input, textarea, select { font: inherit; color: inherit; }
  :focus-visible { outline: 3px solid var(--ring); outline-offset: 2px; }
  /* Where colours are the reader's own: drawings keep theirs, and what is chosen or open has a frame instead of a ground. */
  @media (forced-colors: active) {
    svg[role='img'] { forced-color-adjust: none; background: var(--plate); }
    [data-selected], [aria-current], [aria-pressed='true'], [aria-checked='true'] {
      outline: 3px solid Highlight;
      outline-offset: -3px;
    }
    button, [role='slider'] { border: 1px solid ButtonText; }
  }
  .visually-hidden {
    position: absolute; width: 1px; height: 1px; overflow: hidden; clip-path: inset(50%); white-space: nowrap;
  }
  @media (prefers-reduced-motion: reduce) {
    *, *::before, *::after { animation: none !important; transition: none !important; }
  }
`;
