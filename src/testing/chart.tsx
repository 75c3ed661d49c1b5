import { type ChartColours } from '@/ui/charts/Chart';

const COLOURS: ChartColours = { ink: '', mute: '', line: '', ember: '', wine: '', broth: '', sage: '', font: '' };

interface ChartProps {
  readonly label: string;
  readonly option: (colours: ChartColours) => unknown;
}

/** Replaces a chart in tests that draw nothing: its name, and the data it would have been given. */
export function Chart({ label, option }: ChartProps) {
  return <div role="img" aria-label={label} data-option={JSON.stringify(option(COLOURS))} />;
}
