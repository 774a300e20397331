import { describe, expect, it } from 'vitest';
import { hostsAnswered, isAnswered, mayWrite } from './origin';

describe('who is answered', () => {
  it.each([
    ['localhost:4600', {}, true],
    ['127.0.0.1', {}, true],
    ['[::1]:4600', {}, true],
    ['LOCALHOST:80', {}, true],
    ['elsewhere.example', {}, false],
    ['127.0.0.1.elsewhere.example', {}, false],
    ['localhost.elsewhere.example:4600', {}, false],
    ['', {}, false],
    [null, {}, false],
    ['garden.example:4600', { LIGNUM_HOSTS: 'shed.example, garden.example' }, true],
    ['192.0.2.7:4600', { LIGNUM_LISTENS: '192.0.2.7' }, true],
    ['192.0.2.7:4600', { LIGNUM_LISTENS: '0.0.0.0' }, false],
    ['0.0.0.0:4600', { LIGNUM_LISTENS: '0.0.0.0' }, false],
    ['[2001:db8::7]:4600', { LIGNUM_LISTENS: '2001:db8::7' }, true],
  ])('%s with %o: %s', (host, env, answered) => expect(isAnswered(host, hostsAnswered(env))).toBe(answered));

  it.each([
    [{ 'sec-fetch-site': 'same-origin' }, true],
    [{ 'sec-fetch-site': 'same-site' }, false],
    [{ 'sec-fetch-site': 'cross-site', origin: 'http://localhost:4600' }, false],
    [{ 'sec-fetch-site': 'none' }, false],
    [{ origin: 'http://localhost:4600' }, true],
    [{ origin: 'http://localhost:4601' }, false],
    [{ origin: 'ftp://localhost:4600' }, false],
    [{ origin: 'https://localhost:4600' }, true],
    [{ origin: 'null' }, false],
    [{}, false],
  ])('writes with %o: %s', (headers, may) =>
    expect(mayWrite(new Headers({ host: 'localhost:4600', ...headers }))).toBe(may),
  );
});
