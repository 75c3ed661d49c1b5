import { humidityOf, type PlanHeat, withHumidity } from '@/core/choices';
import { NumberField } from '@/ui/controls/NumberField';
import { useWords } from '@/ui/KitchenContext';

/** How much of a steam oven's air is steam, in percent; nothing for any other heat. */
export function HumidityField({
  heat,
  onChange,
}: {
  readonly heat: PlanHeat;
  readonly onChange: (heat: PlanHeat) => void;
}) {
  const w = useWords();
  if (heat.kind !== 'steamOven') return null;
  return (
    <NumberField
      label={w.text('heatForm.humidity')}
      unit="%"
      step={10}
      value={Math.round(humidityOf(heat) * 100)}
      onChange={(percent) => {
        onChange(withHumidity(heat, percent / 100));
      }}
    />
  );
}
