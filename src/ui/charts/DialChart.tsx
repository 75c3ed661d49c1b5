'use client';

import { useCallback } from 'react';
import { Chart, type ChartColours } from './Chart';
import { type UnitChoice } from '@/core/quantity';
import { type DialPoint } from '@/core/plan';
import { minutes, tempC } from '@/core/message';
import { useWords } from '../KitchenContext';

interface DialChartProps {
  readonly points: readonly DialPoint[];
  /** The dial's setting now, °C; undefined if it is not an oven. */
  readonly setC: number | undefined;
  readonly units: UnitChoice;
}

/** What an oven's dial does to a covered pot: the liquid hardly follows it, and the time follows the liquid. */
export function DialChart({ points, setC, units }: DialChartProps) {
  const w = useWords();
  const temp = useCallback((c: number) => (units.temperature === 'F' ? c * 1.8 + 32 : c), [units]);
  const option = useCallback(
    (c: ChartColours) => {
      const axis = { axisLabel: { color: c.mute, fontSize: 13 }, nameTextStyle: { color: c.mute, fontSize: 13 } };
      const line = (name: string, colour: string, yAxisIndex: number, data: readonly (readonly number[])[]) => ({
        name,
        type: 'line',
        yAxisIndex,
        // Each line is labelled at its seventh point.
        data: data.map((value, i) =>
          i === 6
            ? { value, label: { show: true, formatter: name, position: 'top', color: c.ink, fontSize: 13 } }
            : { value },
        ),
        smooth: 0.3,
        symbolSize: 7,
        lineStyle: { color: colour, width: 3 },
        itemStyle: { color: colour },
      });
      const here =
        setC === undefined
          ? {}
          : {
              markLine: {
                silent: true,
                symbol: 'none',
                lineStyle: { color: c.ink, type: 'dashed' },
                label: {
                  formatter: w.text('dialChart.asPlanned'),
                  color: c.ink,
                  fontSize: 13,
                  position: 'end',
                  rotate: 0,
                },
                data: [{ xAxis: temp(setC) }],
              },
            };
      return {
        animation: false,
        textStyle: { fontFamily: c.font },
        grid: { left: 56, right: 56, top: 34, bottom: 44 },
        tooltip: { trigger: 'axis', valueFormatter: (v: number) => String(Math.round(v * 10) / 10) },
        xAxis: {
          ...axis,
          type: 'value',
          name: w.text('dialChart.ovenSetTo'),
          nameLocation: 'middle',
          nameGap: 28,
          min: 'dataMin',
          max: 'dataMax',
          splitLine: { show: false },
          axisLabel: { ...axis.axisLabel, formatter: '{value}°' },
        },
        yAxis: [
          {
            ...axis,
            type: 'value',
            name: w.text('dialChart.liquid'),
            min: temp(60),
            max: temp(110),
            axisLabel: { ...axis.axisLabel, formatter: '{value}°' },
            splitLine: { lineStyle: { color: c.line } },
          },
          {
            ...axis,
            type: 'value',
            name: w.text('dialChart.inThePot'),
            min: 0,
            axisLabel: { ...axis.axisLabel, formatter: '{value} h' },
            splitLine: { show: false },
          },
        ],
        series: [
          {
            ...line(
              w.text('dialChart.liquidWarmest'),
              c.broth,
              0,
              points.map((p) => [temp(p.tempC), temp(p.liquidC)]),
            ),
            ...here,
          },
          line(
            w.text('dialChart.hours'),
            c.wine,
            1,
            points.map((p) => [temp(p.tempC), p.minutes / 60]),
          ),
        ],
      };
    },
    [points, setC, temp, w],
  );
  const says = w.list(
    points.map((p) =>
      w.text('dialChart.point', { dial: tempC(p.tempC), liquid: tempC(p.liquidC), time: minutes(p.minutes) }),
    ),
    'semicolon',
  );
  return <Chart label={w.text('dialChart.whatTheOvensDialDoes', { says })} height={270} option={option} />;
}
