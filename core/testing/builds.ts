import { families, familyOf } from '../pumps/registry';
import { blankSheet, type Sheet } from '../records/sheet';

/** Lists the builds of families that have several, beside what their example is. */
const BUILDS: Readonly<Record<string, readonly object[]>> = {
  gerotor: [{ use: 'front-pump' }, { use: 'oil-pump' }],
  'external-gear': [
    ...[1, 4].flatMap((sections) => ['plates', 'blocks'].map((build) => ({ build, sections }))),
    { build: 'oil', sections: 1 },
  ],
};

/** Lists a sheet without a limit for every family and every build of one, named by them. */
export const EVERY_BUILD: readonly Sheet[] = families().flatMap(({ id, example }) =>
  (BUILDS[id] ?? [{}]).map((build): Sheet => {
    const geometry = { ...example, ...build };
    // As many seals as there is room for, so that every surface is looked at.
    const tracks = familyOf(id)
      .teardown(geometry)
      .surfaces.filter((s) => s.kind === 'seal-track');
    const seals = tracks.length > 0 ? { seals: tracks.length } : {};
    const name = [id, ...Object.values(build)].join(' ');
    return {
      ...blankSheet({ family: id, geometry }, seals),
      id: name.replaceAll(' ', '-'),
      model: name,
      family: id,
      invented: true,
      note: '',
      geometry,
      tiers: [{ id: 'service', name: 'Service', source: '' }],
    };
  }),
);
