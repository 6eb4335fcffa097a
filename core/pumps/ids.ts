declare const names: unique symbol;

/**
 * A text that names one kind of thing. It is kept as plain text; in the code no other text and no id of another
 * kind fits in its place, so that a part cannot be looked for among kinds of parts.
 */
type Named<What extends string> = string & { readonly [names]: What };

/** One piece of a pump: the drive-side bushing at the front of section 2. */
export type PartId = Named<'part'>;
/** A kind of part: bushings. */
export type KindId = Named<'kind'>;
/** A surface that is judged by eye and nail. */
export type SurfaceId = Named<'surface'>;
/** A size of a part, or a feature of it that no gauge reads as a size. */
export type DimensionId = Named<'dimension'>;
export type CharacteristicId = Named<'characteristic'>;
/** A place at which a characteristic or a dimension is read. */
export type StationId = Named<'station'>;
/** Something that a shop can do to a kind of part. */
export type OperationId = Named<'operation'>;

/** Reads a text as the id that it is: where a pump is described, and where a record or a person names one. */
const named =
  <Id extends string>() =>
  (text: string): Id =>
    text as Id;

export const partId = named<PartId>();
export const kindId = named<KindId>();
export const surfaceId = named<SurfaceId>();
export const dimensionId = named<DimensionId>();
export const characteristicId = named<CharacteristicId>();
export const stationId = named<StationId>();
export const operationId = named<OperationId>();
