import type { BuildStep } from './assembly/step';
import type { FamilyAssembly } from './assembly/assembly';
import { crescentAssembly } from './assembly/crescent';
import { externalAssembly } from './assembly/external-gear';
import { fixedVaneAssembly } from './assembly/fixed-vane';
import { gerotorAssembly } from './assembly/gerotor';
import { vacuumVaneAssembly } from './assembly/vacuum-vane';
import { variableVaneAssembly } from './assembly/variable-vane';
import { familyOf, type PumpKind } from './registry';

/**
 * Has the order in which the pumps of each family go back together. It stands beside the registry of families, not in it:
 * the bench and the measuring are there before anybody builds.
 */
const ASSEMBLY: Readonly<Record<string, FamilyAssembly>> = {
  crescent: crescentAssembly,
  gerotor: gerotorAssembly,
  'external-gear': externalAssembly,
  'variable-vane': variableVaneAssembly,
  'fixed-vane': fixedVaneAssembly,
  'vacuum-vane': vacuumVaneAssembly,
};

/**
 * Returns the steps of putting a pump of a family together, in their order.
 *
 * @param pump its family and its geometry
 * @throws InputError on `family` where there is none of that name
 */
export const assemblyOf = (pump: PumpKind): readonly BuildStep[] =>
  (ASSEMBLY[familyOf(pump.family).id] as FamilyAssembly)(pump);
