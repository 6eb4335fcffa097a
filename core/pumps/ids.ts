/**
 * A text that names one kind of thing. Any text will do where it is written down, but the id of one
 * kind of thing is no id of another: they do not compile in each other's place.
 */
type Named<What extends string> = string & { readonly names?: What };

export type PartId = Named<'part'>;
export type DimensionId = Named<'dimension'>;
export type CharacteristicId = Named<'characteristic'>;
export type StationId = Named<'station'>;
