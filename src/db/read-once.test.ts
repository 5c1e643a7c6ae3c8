import { describe, expect, it } from 'vitest';
import { DOCUMENTS, sealed } from '@/domain/documents';
import { demoParts } from './demo';
import { openedOnce, parsedOnce } from './read-once';

const text = JSON.stringify(sealed(DOCUMENTS.part, demoParts[0]!));

describe('a stored text', () => {
  it('is read once: the same text gives the same object', () => {
    expect(parsedOnce(text)).toEqual(JSON.parse(text));
    expect(parsedOnce(text)).toBe(parsedOnce(`${text}`));
    expect(parsedOnce('null')).toBeNull();
    expect(parsedOnce('0')).toBe(0);
  });
  it('cannot be changed by whoever reads it', () => {
    const value = parsedOnce('{"colours":["olive"]}') as { colours: string[] };
    expect(() => value.colours.push('pearl')).toThrow(TypeError);
    const read = openedOnce(DOCUMENTS.part, parsedOnce(text));
    expect(() => Object.assign(read.ok ? read.data : {}, { id: 'other' })).toThrow(TypeError);
  });

  it('that is no JSON stays the text that it is', () => expect(parsedOnce('{"half')).toBe('{"half'));
  it('that is very long is read each time, and pushes nothing out', () => {
    const long = JSON.stringify({ words: 'x'.repeat(30_000) });
    expect(parsedOnce(long)).toEqual(JSON.parse(long));
    expect(parsedOnce(long)).not.toBe(parsedOnce(long));
    expect(parsedOnce(text)).toBe(parsedOnce(text));
  });
  it('makes room when many come, the oldest first', () => {
    const first = JSON.stringify({ first: true });
    const was = parsedOnce(first);
    for (let i = 0; i < 2000; i += 1) parsedOnce(JSON.stringify({ i, words: 'y'.repeat(15_000) }));
    expect(parsedOnce(first)).toEqual(was);
    expect(parsedOnce(first)).not.toBe(was);
  });
});

describe('a stored document', () => {
  it('is opened once, as a part, as a bad part and as nothing at all', () => {
    const stored = parsedOnce(text);
    expect(openedOnce(DOCUMENTS.part, stored)).toMatchObject({ ok: true, data: { id: demoParts[0]!.id } });
    expect(openedOnce(DOCUMENTS.part, stored)).toBe(openedOnce(DOCUMENTS.part, stored));
    const bad = { version: 1, data: { kind: 'rod' } };
    expect(openedOnce(DOCUMENTS.part, bad)).toMatchObject({ ok: false });
    expect(openedOnce(DOCUMENTS.part, bad)).toBe(openedOnce(DOCUMENTS.part, bad));
    expect(openedOnce(DOCUMENTS.part, null)).toMatchObject({ ok: false });
    expect(openedOnce(DOCUMENTS.part, 'text')).toMatchObject({ ok: false });
  });
  it('is opened for each kind by itself', () => {
    const stored = { version: 1, data: [] };
    expect(openedOnce(DOCUMENTS.part, stored)).not.toBe(openedOnce(DOCUMENTS.chain, stored));
  });
});
