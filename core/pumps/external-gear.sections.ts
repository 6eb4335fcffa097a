import type { ExternalGeometry } from './external-gear.drawing';

/**
 * Returns how many sections a pump has: an oil pump is always one.
 *
 * @param g its build and the sections that were given
 * @example
 * sectionsIn({ build: 'plates', sections: 3 }); // 3
 * sectionsIn({ build: 'oil', sections: 3 }); // 1
 */
export const sectionsIn = ({
  build,
  sections,
}: Pick<ExternalGeometry, 'build' | 'sections'>): number => (build === 'oil' ? 1 : sections);
