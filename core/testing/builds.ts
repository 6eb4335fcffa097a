import { FAMILIES } from '../pumps/registry';
import { blankSheet, type Sheet } from '../records/sheet';

/** The builds of families that have several, beside what their example is. */
const BUILDS: Readonly<Record<string, readonly object[]>> = {
  gerotor: [{ use: 'front-pump' }, { use: 'oil-pump' }],
  'external-gear': [
    ...[1, 4].flatMap((sections) => ['plates', 'blocks'].map((build) => ({ build, sections }))),
    { build: 'oil', sections: 1 },
  ],
};

/** A sheet without a limit for every family and every build of one, named by them. */
export const EVERY_BUILD: readonly Sheet[] = FAMILIES.flatMap(({ id, example }) =>
  (BUILDS[id] ?? [{}]).map((build): Sheet => {
    const geometry = { ...example, ...build };
    const name = [id, ...Object.values(build)].join(' ');
    return {
      ...blankSheet({ family: id, geometry }),
      ...{ id: name.replaceAll(' ', '-'), model: name, family: id, invented: true, note: '' },
      ...{ geometry, tiers: [{ id: 'service', name: 'Service', source: '' }] },
    };
  }),
);
