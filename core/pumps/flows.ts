import { crescentFlow } from './crescent.flow';
import { externalGearFlow } from './external-gear.flow';
import { fixedVaneFlow } from './fixed-vane.flow';
import type { FamilyFlow } from './flow';
import { gerotorFlow } from './gerotor.flow';
import { familyOf } from './registry';
import { vacuumVaneFlow } from './vacuum-vane.flow';
import { variableVaneFlow } from './variable-vane.flow';

/**
 * Has what each family says of its flow. It stands beside the registry of families, not in it: the bench and the
 * measuring are there before anybody asks what a gap costs.
 */
const FLOWS: Readonly<Record<string, unknown>> = {
  crescent: crescentFlow,
  gerotor: gerotorFlow,
  'external-gear': externalGearFlow,
  'variable-vane': variableVaneFlow,
  'fixed-vane': fixedVaneFlow,
  'vacuum-vane': vacuumVaneFlow,
};

/**
 * Returns what a family says of its flow.
 *
 * @param family its id
 * @throws InputError on `family` where there is none of that name
 * @example
 * Object.keys(flowOf('vacuum-vane').paths); // ['side-rotor', 'ring-wear']
 */
export const flowOf = (family: string): FamilyFlow<object> =>
  FLOWS[familyOf(family).id] as FamilyFlow<object>;
