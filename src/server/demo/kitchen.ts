import { type Kitchen } from '../../contract/plan';

/** The kitchen on Saltmarsh Row: three pots, two pans, one oven, two burners. */
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
    { id: 'demo-pan-28', name: 'Iron pan, 28 cm', diameterMm: 280 },
    { id: 'demo-pan-24', name: 'Steel pan, 24 cm', diameterMm: 240 },
  ],
  ovens: [{ id: 'demo-oven', name: 'Oven', fan: true }],
  burners: [
    { id: 'demo-burner-large', name: 'Large burner', powerW: 2600 },
    { id: 'demo-burner-small', name: 'Small burner', powerW: 1200 },
  ],
};
