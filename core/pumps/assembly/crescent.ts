import { buildStep, EDGES, ON, type FamilyAssembly } from './assembly';
import { frontPump } from './frontPump';

/** Returns the order of a pump with a crescent. */
export const crescentAssembly: FamilyAssembly = () =>
  frontPump({
    parts: ['body', 'drive', 'driven', 'cover', 'plunger', 'spring'],
    turning: 'both gears',
    valve: 'Relief valve',
    last: 'oil',
    inside: [
      buildStep('place', 'driven', 'Driven gear in, the chamfered rim to the floor.', ['driven'], {
        strip: 'driven',
        after: ['seal'],
        with: ON.fluid,
        caution: EDGES,
      }),
      buildStep(
        'place',
        'drive',
        'Drive gear in, bevel to the converter: the hub, offered from the seal side, must enter.',
        ['drive'],
        {
          strip: 'drive',
          after: ['driven'],
          with: 'Oil it with the fluid that it will run in. Hub in: the tips clear the crescent.',
          caution: EDGES,
        },
      ),
      buildStep(
        'oil',
        'oil',
        'Oil gears, crescent and bushing with the fluid that it will run in.',
        [],
        { after: ['drive'] },
      ),
    ],
  });
