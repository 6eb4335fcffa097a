import { faultsOf } from './faults';

/**
 * Returns what fields find wrong with the values of some of them: the first fault of each, by its name.
 *
 * @param fields the schemas of a record by name
 * @param values those that are checked
 */
export const faultsIn = (
  fields: Readonly<Record<string, unknown>>,
  values: Readonly<Record<string, unknown>>,
): Record<string, string> =>
  Object.fromEntries(
    Object.entries(values).flatMap(([name, value]) => {
      const [fault] = faultsOf(fields[name] as Parameters<typeof faultsOf>[0], value);
      return fault ? [[name, fault.message]] : [];
    }),
  );
