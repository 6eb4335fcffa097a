import type { InferType, ObjectSchema } from 'yup';
import type { Solver } from '../rework/solver/program';
import type { Page } from './page';

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
  | '1/min'
  | 'm'
  | 'min'
  | 'd'
  | '%';

declare module 'yup' {
  interface CustomSchemaMetadata {
    /** Names the field as a form does. */
    readonly label?: string;
    readonly figure?: SumUnit;
    /** Says that a length is a clearance, which is read and written otherwise than the size of a part. */
    readonly isGap?: true;
    /** Says what the sum takes where nobody says otherwise. */
    readonly usual?: number | string | boolean;
    /** Says how it is taken at the bench. */
    readonly how?: string;
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
  readonly input: S;
  /** An input that it answers: what a form begins with, and what the tests ask. */
  readonly example: Partial<InferType<S>>;
  /** @throws InputError on the field that cannot be */
  readonly answer: (input: InferType<S>, tools: Tools) => A;
  readonly gives: Gives<Awaited<A>>;
  /** Says what the room shows of it; left out for what only programs ask. */
  readonly page?: Page<InferType<S>, Awaited<A>>;
  /** Says the answer in a sentence; left out for what only programs ask. */
  readonly says?: (answer: Awaited<A>) => string;
}

/** Says what a sum is given, by its fields. */
export type Input = Readonly<Record<string, unknown>>;

/** Returns an input with what is usual in the place of what was left out. */
export const withUsual = (fields: ObjectSchema<object>['fields'], input: Input): Input => {
  const left = Object.entries(fields).flatMap(([name, field]) => {
    const usual = 'spec' in field ? field.spec.meta?.usual : undefined;
    return usual === undefined || input[name] != null ? [] : [[name, usual] as const];
  });
  return { ...input, ...Object.fromEntries(left) };
};

/** Returns a sum as its parts say, so that they agree with each other; what is usual is filled in before it answers. */
export const sum = <S extends ObjectSchema<object>, A>(parts: Sum<S, A>): Sum => {
  const { input, answer } = parts;
  const filled = (given: InferType<S>, tools: Tools) =>
    answer(withUsual(input.fields, given as Input) as InferType<S>, tools);
  return { ...parts, answer: filled } as unknown as Sum;
};
