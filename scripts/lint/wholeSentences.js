/**
 * Lint rules of the wording: what a person reads is a message of `core/wording/messages`, said whole with
 * its parameters, so that another language can put the words in its own order.
 */

/** Two letters beside a space, or a capital at the beginning: words, not an id, a path or a unit. */
const WORDS = /[A-Za-z’]{2,}[.,:;?!]? | [A-Za-z’]{2,}|^[A-Z][a-z]/;

const hasWords = (text) => WORDS.test(text.replace(/\s+/g, ' '));

/** What goes into these is read by a program, not by a person. */
const MACHINE = new Set([
  'className',
  'd',
  'points',
  'transform',
  'viewBox',
  'id',
  'key',
  'testID',
]);

/** Lists the texts that an expression may come to by its own branches. */
function branches(node) {
  if (node.type === 'ConditionalExpression')
    return [node.consequent, node.alternate].flatMap(branches);
  if (node.type === 'LogicalExpression') return [node.left, node.right].flatMap(branches);
  return node.type === 'Literal' && typeof node.value === 'string' ? [node.value] : [];
}

const attributeOf = (node) => {
  for (let at = node; at; at = at.parent) if (at.type === 'JSXAttribute') return at.name.name;
  return null;
};

const wholeSentences = {
  meta: {
    type: 'problem',
    docs: { description: 'A sentence is one message with parameters, not joined from pieces.' },
    messages: {
      joined:
        'These words are joined with a value: make it a message of core/wording/messages and say() it.',
    },
    schema: [],
  },
  create(context) {
    const report = (node) => {
      if (!MACHINE.has(attributeOf(node))) context.report({ node, messageId: 'joined' });
    };
    return {
      TemplateLiteral(node) {
        if (node.expressions.length === 0) return;
        const pieces = [
          ...node.quasis.map(({ value }) => value.cooked ?? ''),
          ...node.expressions.flatMap(branches).map((text) => ` ${text}`),
        ];
        if (pieces.some(hasWords)) report(node);
      },
      BinaryExpression(node) {
        if (node.operator !== '+') return;
        const sides = [node.left, node.right];
        const words = sides.some((s) => typeof s.value === 'string' && hasWords(s.value));
        if (words && sides.some((s) => s.type !== 'Literal')) report(node);
      },
      JSXElement(node) {
        const words = node.children.some((c) => c.type === 'JSXText' && hasWords(` ${c.value} `));
        const values = node.children.some(
          (c) => c.type === 'JSXExpressionContainer' && c.expression.type !== 'Literal',
        );
        if (words && values) report(node);
      },
    };
  },
};

const inARow = {
  meta: {
    type: 'problem',
    docs: {
      description: 'Whole sentences are set in a row by one hand; pieces of a sentence are not.',
    },
    messages: {
      spaced:
        'Whole sentences are set in a row by paragraph(); pieces of one sentence are one message of core/wording/messages.',
    },
    schema: [],
  },
  create: (context) => ({
    CallExpression(node) {
      const { callee, arguments: given } = node;
      if (callee.property?.name === 'join' && given[0]?.value === ' ')
        context.report({ node, messageId: 'spaced' });
    },
  }),
};

/** The words that are spelled otherwise in North America; a test holds them to `core/wording/spelling`. */
const BRITISH = /\b(?:aluminium|anticlockwise|centres?|colours?|metres?|millimetres?)\b/i;

const spelling = {
  meta: {
    type: 'problem',
    docs: { description: 'A text with a word that has two spellings is said or spelled().' },
    messages: { british: '“{{word}}” has two spellings: say() it, or show it through spelled().' },
    schema: [],
  },
  create(context) {
    const check = (node, text) => {
      const word = BRITISH.exec(text)?.[0];
      const call = node.parent?.type === 'CallExpression' ? node.parent.callee.name : '';
      if (word && call !== 'spelled')
        context.report({ node, messageId: 'british', data: { word } });
    };
    return {
      Literal(node) {
        if (typeof node.value === 'string' && node.parent.type !== 'ImportDeclaration')
          check(node, node.value);
      },
      JSXText: (node) => check(node, node.value),
    };
  },
};

module.exports = {
  rules: { 'whole-sentences': wholeSentences, 'in-a-row': inARow, spelling },
  BRITISH,
};
