import { type ChartColours } from '@/ui/charts/Chart';

const COLOURS: ChartColours = { ink: '', mute: '', line: '', ember: '', wine: '', broth: '', sage: '', font: '' };

interface ChartProps {
  readonly label: string;
  readonly option: (colours: ChartColours) => unknown;
}

/** Stands in for a chart where nothing is drawn: what it is called, and what it would have been given. */
export function Chart({ label, option }: ChartProps) {
  return <div role="img" aria-label={label} data-option={JSON.stringify(option(COLOURS))} />;
}
