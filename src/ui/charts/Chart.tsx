'use client';

import { type EChartsCoreOption } from 'echarts/core';
import { useEffect, useRef } from 'react';

/** Colours and type of the current theme, for charts that cannot read CSS variables themselves. */
export interface ChartColours {
  readonly ink: string;
  readonly mute: string;
  readonly line: string;
  readonly ember: string;
  readonly wine: string;
  readonly broth: string;
  readonly sage: string;
  /** Font family of the text. */
  readonly font: string;
}

interface ChartProps {
  readonly label: string;
  /** px, or a share of its container. */
  readonly height: number | `${number}%`;
  readonly option: (colours: ChartColours) => EChartsCoreOption;
}

function readColours(node: HTMLElement): ChartColours {
  const style = getComputedStyle(node);
  const read = (name: string): string => style.getPropertyValue(`--${name}`).trim();
  return {
    ink: read('ink'),
    mute: read('mute'),
    line: read('line'),
    ember: read('ember'),
    wine: read('wine'),
    broth: read('broth'),
    sage: read('sage'),
    font: style.fontFamily,
  };
}

/** Calls back once part of the page becomes visible. Returns an unsubscribe function. */
function onSight(node: Element, seen: () => void): () => void {
  if (typeof IntersectionObserver === 'undefined') {
    seen();
    return () => undefined;
  }
  const watch = new IntersectionObserver((entries) => {
    if (!entries.some((e) => e.isIntersecting)) return;
    watch.disconnect();
    seen();
  });
  watch.observe(node);
  return () => {
    watch.disconnect();
  };
}

/**
 * A chart drawn by ECharts, which is loaded when a chart first becomes visible. `label` says in words what it shows.
 */
export function Chart({ label, height, option }: ChartProps) {
  const box = useRef<HTMLDivElement>(null);
  const chart = useRef<{ setOption: (o: EChartsCoreOption, replace: boolean) => void } | null>(null);
  const wanted = useRef(option);

  useEffect(() => {
    wanted.current = option;
    if (box.current) chart.current?.setOption(option(readColours(box.current)), true);
  }, [option]);

  useEffect(() => {
    const node = box.current;
    if (!node) return undefined;
    let gone = false;
    let dispose = (): void => undefined;
    const unwatch = onSight(node, () => {
      void import('./engine').then(({ init }) => {
        if (gone) return;
        const made = init(node, undefined, { renderer: 'svg' });
        chart.current = made;
        made.setOption(wanted.current(readColours(node)), true);
        const resize = new ResizeObserver(() => {
          made.resize();
        });
        resize.observe(node);
        dispose = () => {
          resize.disconnect();
          made.dispose();
          chart.current = null;
        };
      });
    });
    return () => {
      gone = true;
      unwatch();
      dispose();
    };
  }, []);

  return <div ref={box} role="img" aria-label={label} style={{ width: '100%', height }} />;
}
