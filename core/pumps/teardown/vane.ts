import { asks, atStation, on, surface, treated, type Surface } from './teardown';

/** Returns the rotor and its vanes, as every vane pump has them. */
export const rotorSurfaces = (sides: readonly string[]): Surface[] => [
  treated(
    ['grind-widths'],
    'rotor-face',
    'Rotor, both faces',
    'rotor',
    'face',
    atStation('side-rotor', '3'),
    asks(sides, 'the rotor has run on its side'),
  ),
  surface(
    'rotor-slots',
    'Rotor slots',
    'rotor',
    'slot',
    atStation('slot-width', 'a'),
    asks(['vane-slot'], 'a vane that hangs in its slot does not seal'),
  ),
  surface('rotor-drive', 'Rotor splines or key', 'rotor', 'drive', on('body', 0.12, 0.1)),
  surface(
    'vanes',
    'Vanes, tips and flanks',
    'vane',
    'vane',
    atStation('vane-length', 'vane-1'),
    asks(['vane-length', 'vane-slot', 'vane-in-slot'], 'a short vane falls out of its slot'),
  ),
];
