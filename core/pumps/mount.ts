import type { Characteristic, Dimension, Feature, PumpModel, Term } from './family';
import { dimensionId } from './ids';
import { feature, term } from './measures';

/** Lists the parts that may lie on the transmission: what is cut off the other moves no end play. */
export const MOUNTS = ['body', 'cover'] as const;
export type Mount = (typeof MOUNTS)[number];

/** Names the end play to the transmission, which is set after the pump is closed. */
export const END_PLAY = 'pump-to-unit';
const HEIGHT = dimensionId('pump-height');

/** Tells whether a pump is measured against a transmission that it sits in. */
export const hasEndPlay = ({ characteristics }: Pick<PumpModel, 'characteristics'>): boolean =>
  characteristics.some(({ id }) => id === END_PLAY);

/** Names the face of the cover on the deck: what is ground off it brings the mounting face nearer, where the cover has that. */
const coverFace = (mount: Mount | null): Feature =>
  feature({
    id: 'cover-face',
    name: 'Face of the cover',
    part: 'cover',
    worked: {
      ground: mount === 'body' ? 0 : -1,
      dressed: 0,
    },
    remedies: ['grind-cover', 'lap'],
  });

/** Lists the faces that the height of a pump moves with; both, and neither for sure, where nobody said which part is mounted. */
function facesOf(mount: Mount | null): Term[] {
  const [deck, cover] = [term('deck', 1), term('cover-face', 1)];
  if (mount === null) return [deck, cover].map((t) => ({ ...t, unsure: true }));
  return [mount === 'body' ? deck : cover];
}

/**
 * Returns a pump's model with the end play to its transmission as the mounting has it: the pump grows lower by what
 * comes off the face that the mounted part lies on, and by nothing else. As it is where it sits in none.
 */
export function withMount(model: PumpModel, mount: Mount | null): PumpModel {
  if (!hasEndPlay(model)) return model;
  const follows = facesOf(mount);
  const endPlay = (c: Characteristic): Characteristic => ({
    ...c,
    rests: follows.map(({ dimension }) => dimension),
    follows: follows.map((t) => ({ ...t, factor: -t.factor })),
  });
  const height = (d: Dimension): Dimension => ({ ...d, follows });
  return {
    ...model,
    features: [...model.features, coverFace(mount)],
    characteristics: model.characteristics.map((c) => (c.id === END_PLAY ? endPlay(c) : c)),
    dimensions: model.dimensions.map((d) => (d.id === HEIGHT ? height(d) : d)),
  };
}
