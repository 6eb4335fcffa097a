// What the browser of the tests lacks: a database, locks, ids, files. As strict as the real ones.
const { Blob } = require('node:buffer');
const { randomUUID } = require('node:crypto');
const { deserialize, serialize } = require('node:v8');

const { TextDecoder, TextEncoder } = require('node:util');

Object.assign(globalThis, { Blob, TextDecoder, TextEncoder });
globalThis.structuredClone ??= (value) => deserialize(serialize(value));
require('fake-indexeddb/auto');
Object.defineProperty(globalThis.crypto, 'randomUUID', { value: randomUUID });

/** By name: who holds the lock, and who waits for it. */
const held = new Map();

function next(name) {
  const lock = held.get(name);
  const [first] = lock.waiting;
  if (!first || lock.exclusive || (!first.shared && lock.holders > 0)) return;
  lock.waiting.shift();
  lock.holders += 1;
  lock.exclusive = !first.shared;
  void Promise.resolve()
    .then(first.work)
    .then(first.resolve, first.reject)
    .finally(() => {
      lock.holders -= 1;
      lock.exclusive = false;
      next(name);
    });
  next(name);
}

/** The Web Locks of one origin: exclusive or shared, in the order that they were asked for. */
const request = (name, ...rest) =>
  new Promise((resolve, reject) => {
    const work = rest.at(-1);
    const shared = rest.length > 1 && rest[0].mode === 'shared';
    if (!held.has(name)) held.set(name, { holders: 0, exclusive: false, waiting: [] });
    held.get(name).waiting.push({ work, shared, resolve, reject });
    next(name);
  });
Object.defineProperty(globalThis.navigator, 'locks', { value: { request } });
