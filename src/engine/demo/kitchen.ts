import { type Kitchen } from '../../contract/kitchen';

/** The kitchen on Saltmarsh Row: three pots, three pans, one oven, two burners. */
export const SALTMARSH_ROW: Kitchen = {
  name: 'Saltmarsh Row',
  altitudeM: 12,
  pots: [
    {
      id: 'demo-round-26',
      name: 'Round casserole, 26 cm',
      diameterMm: 260,
      heightMm: 122,
      massKg: 5.1,
      material: 'castIron',
    },
    {
      id: 'demo-wide-30',
      name: 'Wide casserole, 30 cm',
      diameterMm: 300,
      heightMm: 110,
      massKg: 6.2,
      material: 'castIron',
    },
    {
      id: 'demo-small-22',
      name: 'Small steel pot, 22 cm',
      diameterMm: 220,
      heightMm: 130,
      massKg: 1.9,
      material: 'steel',
    },
  ],
  pans: [
    {
      id: 'demo-pan-28',
      name: 'Iron pan, 28 cm',
      shape: 'round',
      lengthMm: 280,
      widthMm: 280,
      massKg: 2.6,
      material: 'castIron',
    },
    {
      id: 'demo-pan-24',
      name: 'Steel pan, 24 cm',
      shape: 'round',
      lengthMm: 240,
      widthMm: 240,
      massKg: 1.3,
      material: 'steel',
    },
    {
      id: 'demo-tin',
      name: 'Roasting tin, 36 by 26 cm',
      shape: 'rectangle',
      lengthMm: 360,
      widthMm: 260,
      massKg: 1.9,
      material: 'steel',
    },
  ],
  ovens: [{ id: 'demo-oven', name: 'Oven', fan: true }],
  burners: [
    { id: 'demo-burner-large', name: 'Large burner', kind: 'gas', powerW: 3200 },
    { id: 'demo-burner-small', name: 'Small burner', kind: 'gas', powerW: 1400 },
  ],
  habits: {},
  kinds: [],
  timeZone: null,
};
