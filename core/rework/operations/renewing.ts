import { bought, GEARS, operation, PRESS, type Operation } from './operation';

/** Lists what puts in a part in place of another, or saves one that was to be replaced. */
export const RENEWING: readonly Operation[] = [
  // The hub first: a bushing is sized to the hub that runs in it.
  operation('hub-renewed', 'replace', 'Replace the hub', bought(65, 3, 20), {
    ...{ decision: 'replace', renews: ['hub'], surfaces: ['hub'] },
  }),
  operation(
    'bushing-renewed',
    'replace and size',
    'Replace the bushing',
    {
      ...bought(12, 0, 35),
      ...{ caution: PRESS, tool: 'Press and driver, then hone' },
      check: 'Clean it, slip the hub on, turn it, rock it: after every step of the hone.',
    },
    {
      decision: 'replace',
      renews: ['bushing'],
      restores: ['hub-bushing', 'stator-bushing', 'shaft-bushing'],
      surfaces: ['bushing'],
    },
  ),
  operation('gear-set', 'replace as a set', 'Replace the gears', bought(95, 2), {
    ...{ decision: 'replace', per: 'section', renews: GEARS },
    restores: [
      'backlash',
      'tip-crescent',
      'tip',
      'drive-engagement',
      'shaft-runout',
      'inner-shaft',
    ],
    surfaces: [
      ...[
        'drive-',
        'driven-',
        'inner-',
        'outer-',
        'teeth-',
        'tangs',
        'shaft-drive',
        'journals',
        'seal-track',
      ],
    ],
  }),
  operation('cover-renewed', 'replace', 'Replace the cover', bought(90, 4), {
    ...{ decision: 'replace', renews: ['cover'], restores: ['cover-wear'] },
    surfaces: ['cover-track', 'covers', 'plates'],
  }),
  operation('plate-renewed', 'replace', 'Replace the plate', bought(28, 2), {
    ...{ decision: 'replace', renews: ['plate'], restores: ['plate-wear'] },
    surfaces: ['plate-', 'gasket-face'],
  }),
  operation('block-renewed', 'replace', 'Replace the bushing block', bought(45, 3), {
    ...{
      decision: 'replace',
      renews: ['block'],
      restores: ['shaft-bushing'],
      surfaces: ['block-'],
    },
  }),
  operation('body-renewed', 'replace', 'Replace the body', bought(210, 6, 20), {
    ...{ decision: 'replace', renews: ['body'] },
    restores: ['floor-tilt', 'deck-flatness', 'body-track', 'tip-body', 'ring-wear'],
    surfaces: ['deck', 'floor', 'wall', 'crescent', 'ears', 'bore', 'pivot'],
  }),
  operation(
    'bores-sleeved',
    'have it sleeved',
    'Have the bores sleeved',
    { ...bought(130, 5, 0), by: 'out' },
    {
      ...{
        decision: 'machine',
        insteadOfNew: true,
        cuts: [{ work: 'sleeved', sizes: ['bore-track', 'bore-clean'] }],
        restores: ['tip-body', 'body-track'],
      },
      surfaces: ['bore'],
    },
  ),
  operation('rotor-renewed', 'replace', 'Replace the rotor', bought(80, 4), {
    ...{ decision: 'replace', renews: ['rotor'], restores: ['drive-engagement'] },
    surfaces: ['rotor-'],
  }),
  operation('vanes-renewed', 'replace as a set', 'Replace the vanes', bought(36, 2), {
    ...{ decision: 'replace', renews: ['vane'] },
    restores: ['vane-length', 'vane-in-slot'],
    surfaces: ['vanes'],
  }),
  operation('ring-renewed', 'replace', 'Replace the cam ring', bought(70, 4), {
    ...{ decision: 'replace', renews: ['ring'], restores: ['ring-wear'], surfaces: ['ring'] },
  }),
  operation('slide-renewed', 'replace', 'Replace the slide', bought(60, 4), {
    ...{ decision: 'replace', renews: ['slide'], restores: ['slide-seals'], surfaces: ['slide-'] },
  }),
  operation('bearing-renewed', 'replace', 'Replace the bearing', bought(24, 1, 20), {
    ...{ decision: 'replace', renews: ['bearing'], restores: ['bearing-play'] },
    surfaces: ['bearings'],
    caution: PRESS,
  }),
  operation('plunger-renewed', 'replace', 'Replace the plunger', bought(14, 2, 5), {
    ...{ decision: 'replace', renews: ['plunger'], restores: ['plunger-bore'] },
    surfaces: ['valve-plunger', 'valve-seat'],
  }),
  operation(
    'spring-renewed',
    'replace',
    'Replace the spring',
    { ...bought(6, 2, 5), caution: 'A loaded spring can fly out. Guide it; keep your face clear.' },
    {
      ...{ decision: 'replace', renews: ['spring'], restores: ['spring-'] },
      surfaces: ['valve-spring'],
    },
  ),
  operation('shaft-renewed', 'replace', 'Replace the shaft', bought(40, 3), {
    ...{ decision: 'replace', renews: ['shaft', 'input-shaft'], surfaces: ['shaft'] },
  }),
];
