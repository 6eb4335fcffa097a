import { buildStep, EDGES, ON, SPRING, type FamilyAssembly } from './assembly';
import { frontPump } from './frontPump';

/** Returns the order of a pump with a slide. */
export const variableVaneAssembly: FamilyAssembly = () =>
  frontPump({
    parts: ['body', 'rotor', 'vane', 'slide', 'cover', 'plunger', 'spring'],
    turning: 'the rotor',
    valve: 'Regulator valve',
    last: 'oil',
    inside: [
      buildStep(
        'place',
        'slide',
        'Pivot pin in, then the slide, its seals out on their springs.',
        ['slide', 'slide-seals'],
        { strip: 'slide', after: ['seal'], with: ON.fluid },
      ),
      buildStep('place', 'rotor', 'Lower vane ring, then the rotor.', ['rotor'], {
        strip: 'rotor',
        after: ['slide'],
        with: ON.fluid,
      }),
      buildStep(
        'place',
        'vanes',
        'Vanes in, rounded edge out, then the upper vane ring.',
        ['vane'],
        {
          strip: 'vanes',
          after: ['rotor'],
          with: 'Each slides in its slot by its own weight. Oil them.',
          caution: EDGES,
        },
      ),
      buildStep(
        'check',
        'slide-swing',
        'Swing the slide full stroke and back: it moves free.',
        [],
        {
          after: ['vanes'],
          caution: EDGES,
        },
      ),
      buildStep('place', 'slide-spring', 'Slide spring in last, held by a tool.', [], {
        after: ['slide-swing'],
        caution: SPRING,
      }),
      buildStep(
        'oil',
        'oil',
        'Oil slide, vanes and bushing with the fluid that it will run in.',
        [],
        {
          after: ['slide-spring'],
        },
      ),
    ],
  });
