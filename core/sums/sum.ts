import type { InferType, ObjectSchema } from 'yup';
import type { Solver } from '../rework/solver/program';

/** Says in what a figure is: how a form writes it, and what stands beside it. */
export type SumUnit =
  | 'mm'
  | '°'
  | '°C'
  | '1/K'
  | 'h'
  | 'count'
  | 'money'
  | 'mm²/s'
  | 'kg/m³'
  | 'Pa·s'
  | 'cm³'
  | 'bar'
  | 'm/s'
  | 'l/min'
  | '1/min';

declare module 'yup' {
  interface CustomSchemaMetadata {
    /** Names the field as a form does. */
    readonly label?: string;
    readonly figure?: SumUnit;
  }
}

/** Holds what a sum is given besides its input: what is loaded for it, and the clock of whoever asks. */
export interface Tools {
  solver(): Promise<Solver>;
  /** Returns the moment in ms, by which a search is called off. */
  now(): number;
}

/** Describes what an answer holds by its fields: what each is called, and in what it is. */
export type Gives<A> = Readonly<
  Partial<Record<keyof A & string, readonly [label: string, unit?: SumUnit]>>
>;

/**
 * One sum that can be asked for by itself: the command line, a form, the JSON Schema and the docs read the same
 * descriptor. The bounds of a field stand in its schema, what it is called and in what it is in the schema's `meta`.
 */
export interface Sum<S extends ObjectSchema<object> = ObjectSchema<object>, A = unknown> {
  readonly id: string;
  /** Says what it tells: `What is left of a gap`. */
  readonly name: string;
  readonly input: S;
  /** An input that it answers: what a form begins with, and what the tests ask. */
  readonly example: InferType<S>;
  /** @throws InputError on the field that cannot be */
  readonly answer: (input: InferType<S>, tools: Tools) => A;
  readonly gives: Gives<Awaited<A>>;
  /** Says the answer in a sentence; left out for what only programs ask. */
  readonly says?: (answer: Awaited<A>) => string;
}

/** Returns a sum as its parts say, so that they agree with each other. */
export const sum = <S extends ObjectSchema<object>, A>(parts: Sum<S, A>): Sum =>
  parts as unknown as Sum;
