import ts from 'typescript';

/** Stands for a line of an example: what is computed, and what its docstring says of it. */
export interface ExampleLine {
  /** The expression as it is written. */
  readonly expression: string;
  /** Gives what it comes to, as it is written behind the line; `throws` and a part of the message where it is refused. */
  readonly expected: string;
}

/** The example of a docstring. */
export interface Example {
  /** The statements before and between its lines: imports, and values that several lines share. */
  readonly given: string;
  readonly lines: readonly ExampleLine[];
}

/** Something that a file declares, and what its docstring says of it. */
export interface Declared {
  readonly name: string;
  /** The types of its parameters as they are written; null for what is no function. */
  readonly takes: readonly string[] | null;
  /** Counts the parameters that the docstring explains. */
  readonly explained: number;
  readonly example: Example | null;
}

const parse = (source: string): ts.SourceFile =>
  ts.createSourceFile('source.ts', source, ts.ScriptTarget.Latest, true);

/** Returns what stands in the comment behind a statement; null where there is none. */
function remarkOf(statement: ts.Statement, text: string): string | null {
  const [range] = ts.getTrailingCommentRanges(text, statement.end) ?? [];
  return range ? text.slice(range.pos, range.end).replace(/^\/\/\s*/, '') : null;
}

function exampleOf(text: string): Example {
  const given: string[] = [];
  const lines: ExampleLine[] = [];
  for (const statement of parse(text).statements) {
    const expected = remarkOf(statement, text);
    if (ts.isExpressionStatement(statement) && expected !== null) {
      lines.push({ expression: statement.expression.getText(), expected });
    } else {
      given.push(statement.getText());
    }
  }
  return { given: given.join('\n'), lines };
}

/** Returns the name that a statement declares, and the function where it is one; undefined where it declares nothing. */
function declaredBy(statement: ts.Statement): { name?: ts.Node; value?: ts.Node } | undefined {
  if (ts.isFunctionDeclaration(statement)) return { name: statement.name, value: statement };
  if (!ts.isVariableStatement(statement)) return undefined;
  const [declaration] = statement.declarationList.declarations;
  return { name: declaration?.name, value: declaration?.initializer };
}

/**
 * Lists what a source file declares and its docstrings explain.
 *
 * @param source the text of a TypeScript file
 */
export const declaredIn = (source: string): Declared[] =>
  parse(source).statements.flatMap((statement) => {
    const { name, value } = declaredBy(statement) ?? {};
    if (!name) return [];
    const tags = ts.getJSDocTags(statement);
    const example = tags.find((tag) => tag.tagName.text === 'example');
    const text = example && ts.getTextOfJSDocComment(example.comment);
    return [
      {
        name: name.getText(),
        takes:
          value && ts.isFunctionLike(value)
            ? value.parameters.map(({ type }) => type?.getText() ?? '')
            : null,
        explained: tags.filter(ts.isJSDocParameterTag).length,
        example: text === undefined ? null : exampleOf(text),
      },
    ];
  });
