/** Describes what lies on the bench while a step is done: a half of the pump, or a part by itself. */
export type View =
  | 'body'
  | 'empty'
  | 'cover'
  | 'plate'
  | 'bushing'
  | 'shaft'
  | 'vane'
  | 'spring'
  | 'plunger'
  | 'slot'
  | 'unit';
