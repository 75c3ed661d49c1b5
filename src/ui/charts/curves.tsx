'use client';

import { useCallback } from 'react';
import { Chart, type ChartColours } from './Chart';
import { useUnits, useWords } from '../KitchenContext';
import { type TraceSamples, type ScaleBand } from '@/core/forecast';
import { say } from '@/core/message';
import { displayUnit, toUnit, MINUTE_MS } from '@/core/quantity';
import { DONENESS_STAGES, type TargetDoneness } from '@/core/tenderness';
import { type Words } from '@/words/words';

function timeAxis(w: Words, colours: ChartColours, fromMs: number, toMs: number) {
  return {
    type: 'time' as const,
    min: fromMs,
    max: toMs,
    splitNumber: 5,
    axisLabel: {
      color: colours.mute,
      fontFamily: colours.font,
      fontSize: 13,
      hideOverlap: true,
      formatter: (ms: number) => w.clock(ms),
    },
    axisLine: { lineStyle: { color: colours.line } },
    splitLine: { show: false },
  };
}

/** Collagen melts usefully fast from about here up, °C. */
const MELTS_FAST_C = 85;
/** From the fridge to just above the boil, in round steps. */
const HEAT_AXIS = {
  C: { min: 0, max: 110, interval: 20 },
  F: { min: 20, max: 230, interval: 30 },
} as const;

/** That axis, extended in whole steps where a pot that ran dry gets hotter. */
function heatAxis(unit: keyof typeof HEAT_AXIS, hottest: number): { min: number; max: number; interval: number } {
  const { min, max, interval } = HEAT_AXIS[unit];
  return { min, interval, max: max + Math.max(0, Math.ceil((hottest - max) / interval)) * interval };
}

/** Temperatures of liquid and meat along the nominal trace. */
export function HeatChart({
  course,
  startMs,
  height = 330,
}: {
  course: TraceSamples;
  startMs: number;
  height?: number;
}) {
  const units = useUnits();
  const w = useWords();
  const option = useCallback(
    (c: ChartColours) => {
      const inUnit = (tempC: number): number => Math.round(toUnit(tempC, displayUnit('temperature', units)) * 10) / 10;
      const points = (values: readonly number[]): [number, number][] =>
        course.minutes.map((m, i) => [startMs + m * MINUTE_MS, inUnit(values[i] as number)]);
      const last = course.minutes.at(-1) ?? 0;
      return {
        animation: false,
        textStyle: { fontFamily: c.font },
        grid: { left: 48, right: 92, top: 16, bottom: 30 },
        tooltip: {
          trigger: 'axis',
          valueFormatter: (v: number) => `${String(Math.round(v))} °${units.temperature}`,
          axisPointer: { label: { show: false } },
        },
        xAxis: timeAxis(w, c, startMs, startMs + last * MINUTE_MS),
        yAxis: {
          type: 'value',
          ...heatAxis(units.temperature, Math.max(...course.liquidC.map(inUnit))),
          axisLabel: { color: c.mute, fontSize: 13, formatter: '{value}°' },
          splitLine: { lineStyle: { color: c.line } },
        },
        series: [
          {
            name: w.text('curves.liquid'),
            type: 'line',
            showSymbol: false,
            data: points(course.liquidC),
            color: c.broth,
            lineStyle: { width: 3 },
            endLabel: { show: true, formatter: w.text('curves.liquid2'), color: c.ink, fontSize: 14, offset: [0, -8] },
            markLine: {
              silent: true,
              symbol: 'none',
              label: { formatter: w.text('curves.meltsFast'), color: c.mute, position: 'insideEndBottom' },
              lineStyle: { color: c.mute, type: 'dashed' },
              data: [{ yAxis: inUnit(MELTS_FAST_C) }],
            },
          },
          {
            name: w.text('curves.meatMean'),
            type: 'line',
            showSymbol: false,
            data: points(course.meanC),
            color: c.wine,
            lineStyle: { width: 2, type: 'dashed' },
          },
          {
            name: w.text('curves.meatMiddle'),
            type: 'line',
            showSymbol: false,
            data: points(course.coreC),
            color: c.wine,
            lineStyle: { width: 3 },
            endLabel: { show: true, formatter: w.text('curves.middle'), color: c.ink, fontSize: 14, offset: [0, 8] },
          },
        ],
      };
    },
    [course, startMs, units, w],
  );
  const temp = (tempC: number): string => w.quantity(tempC, 'temperature');
  const end = course.liquidC.length - 1;
  const hot = course.coreC.findIndex((t) => t >= MELTS_FAST_C);
  return (
    <Chart
      height={height}
      option={option}
      label={w.text('curves.temperaturesTheLiquidStartsAt', {
        liquid: temp(course.liquidC[1] ?? 0),
        end: temp(course.liquidC[end] ?? 0),
        hot:
          hot < 0
            ? w.text('curves.staysBelow', { meltsFast: temp(MELTS_FAST_C) })
            : w.text('curves.passesAt', {
                meltsFast: temp(MELTS_FAST_C),
                hot: w.clock(startMs + (course.minutes[hot] ?? 0) * MINUTE_MS),
              }),
      })}
    />
  );
}

export interface ForkPoint {
  readonly atMs: number;
  readonly stageIndex: number;
}

interface ScaleChartProps {
  readonly band: ScaleBand;
  readonly startMs: number;
  /** When the meat most likely is as wanted, as stated beside the chart; not finite if the forecast ends before. */
  readonly readyMs: number;
  /** The wanted doneness. */
  readonly target: TargetDoneness;
  readonly nowMs?: number;
  readonly tests?: readonly ForkPoint[];
  readonly height?: number | `${number}%`;
}

/** The fork scale over time: most likely value and 80% range, with the tests made. */
export function ScaleChart({ band, startMs, readyMs, target, nowMs, tests = [], height = 260 }: ScaleChartProps) {
  const w = useWords();
  const option = useCallback(
    (c: ChartColours) => {
      const at = (i: number): number => startMs + (band.minutes[i] as number) * MINUTE_MS;
      const line = (values: readonly number[]): [number, number][] =>
        values.map((v, i) => [at(i), Math.round(v * 100) / 100]);
      const last = band.minutes.length - 1;
      const names = [w.text('chart.raw'), ...DONENESS_STAGES.slice(1).map((s) => w.label('stage', s))];
      return {
        animation: false,
        textStyle: { fontFamily: c.font },
        grid: { left: 62, right: 20, top: 26, bottom: 30 },
        tooltip: {
          trigger: 'axis',
          formatter: (items: { dataIndex: number }[]) => {
            const i = items[0]?.dataIndex ?? 0;
            const word = (v: number | undefined): string =>
              w.name('stage', DONENESS_STAGES[Math.min(5, Math.floor(v ?? 0))] ?? 'holds');
            return w.text('chart.stageAt', {
              at: w.clock(at(i)),
              likely: word(band.p50[i]),
              low: word(band.p10[i]),
              high: word(band.p90[i]),
            });
          },
        },
        xAxis: timeAxis(w, c, startMs, Math.max(at(last), nowMs ?? 0)),
        yAxis: {
          type: 'value',
          min: 0,
          max: 5.2,
          interval: 1,
          axisLabel: { color: c.mute, fontSize: 13, formatter: (v: number) => names[v] ?? '' },
          splitLine: { lineStyle: { color: c.line } },
        },
        series: [
          {
            type: 'line',
            stack: 'band',
            showSymbol: false,
            data: line(band.p10),
            lineStyle: { opacity: 0 },
            color: c.ember,
            silent: true,
          },
          {
            type: 'line',
            stack: 'band',
            showSymbol: false,
            data: line(band.p90.map((v, i) => v - (band.p10[i] as number))),
            lineStyle: { opacity: 0 },
            areaStyle: { color: c.ember, opacity: 0.28 },
            color: c.ember,
            silent: true,
          },
          {
            type: 'line',
            showSymbol: false,
            data: line(band.p50),
            color: c.ember,
            lineStyle: { width: 3 },
            markLine:
              nowMs === undefined
                ? undefined
                : {
                    silent: true,
                    symbol: 'none',
                    label: { formatter: w.text('curves.now'), color: c.ink, fontSize: 14 },
                    lineStyle: { color: c.ink, width: 2, type: 'solid' },
                    data: [{ xAxis: nowMs }],
                  },
          },
          {
            type: 'scatter',
            symbol: 'circle',
            symbolSize: 15,
            data: tests.map((t) => [t.atMs, t.stageIndex + 0.5]),
            itemStyle: { color: 'transparent', borderColor: c.ink, borderWidth: 3 },
            z: 5,
          },
        ],
      };
    },
    [band, startMs, nowMs, tests, w],
  );
  return (
    <Chart
      height={height}
      option={option}
      label={w.text(Number.isFinite(readyMs) ? 'curves.scale' : 'curves.scaleNotReached', {
        target: say(`target.${target}`),
        at: w.clock(readyMs),
        tests: tests.length,
      })}
    />
  );
}

/** One temperature trace, min and °C. */
export interface KeptLine {
  readonly name: string;
  readonly points: readonly (readonly [min: number, tempC: number])[];
}

/** Ways to keep warm or to cool, side by side, with the temperatures that must not be passed. */
export function KeptChart({
  lines,
  limits,
  startMs,
  minutes,
  label,
  height = 260,
}: {
  lines: readonly KeptLine[];
  limits: readonly number[];
  startMs: number;
  minutes: number;
  label: string;
  height?: number;
}) {
  const units = useUnits();
  const w = useWords();
  const option = useCallback(
    (c: ChartColours) => {
      const inUnit = (tempC: number): number => Math.round(toUnit(tempC, displayUnit('temperature', units)) * 10) / 10;
      const colours = [c.wine, c.broth, c.ink, c.mute];
      const dashes = ['solid', 'dashed', 'dotted', 'solid'] as const;
      return {
        animation: false,
        textStyle: { fontFamily: c.font },
        grid: { left: 48, right: 16, top: 62, bottom: 30 },
        legend: { top: 0, textStyle: { color: c.ink, fontSize: 13 }, itemWidth: 26 },
        tooltip: {
          trigger: 'axis',
          valueFormatter: (v: number) => `${String(Math.round(v))} °${units.temperature}`,
          axisPointer: { label: { show: false } },
        },
        xAxis: timeAxis(w, c, startMs, startMs + minutes * MINUTE_MS),
        yAxis: {
          type: 'value',
          ...HEAT_AXIS[units.temperature],
          // The last step of the axis is half a step: its label would overlap the one below.
          axisLabel: { color: c.mute, fontSize: 13, formatter: '{value}°', showMaxLabel: false },
          splitLine: { lineStyle: { color: c.line } },
        },
        series: lines.map((line, i) => ({
          name: line.name,
          type: 'line',
          showSymbol: false,
          data: line.points.map(([min, tempC]) => [startMs + min * MINUTE_MS, inUnit(tempC)]),
          color: colours[i % colours.length],
          lineStyle: { width: 3, type: dashes[i % dashes.length] },
          ...(i === 0 && {
            markLine: {
              silent: true,
              symbol: 'none',
              label: {
                formatter: ({ value }: { value: number }) => `${String(Math.round(value))}°`,
                color: c.mute,
                position: 'insideEndTop',
              },
              lineStyle: { color: c.mute, type: 'dashed' },
              data: limits.map((limit) => ({ yAxis: inUnit(limit) })),
            },
          }),
        })),
      };
    },
    [lines, limits, startMs, minutes, units, w],
  );
  return <Chart height={height} option={option} label={label} />;
}
