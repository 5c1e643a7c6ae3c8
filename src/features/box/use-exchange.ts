'use client';

import { useEffect, useRef, useState } from 'react';
import { useRouter } from 'next/navigation';
import type { BoxPart } from '@/server/queries/box-page';
import type { PlannedLine } from '@/domain/exchange/plan-parts';
import type { ExchangeReply, ExchangeRequest } from '@/workers/exchange-protocol';
import { answered, requestIdFor } from '@/features/fields/send';
import type { BenchDifference } from '@/server/exchange/file-to-bench';
import { benchHeader } from '@/features/fields/page-bench';

export type Exchange =
  | { readonly kind: 'idle' }
  | { readonly kind: 'reading'; readonly done: number; readonly of: number }
  | { readonly kind: 'checking' }
  | { readonly kind: 'refused'; readonly code: RefusedCode; readonly detail: string }
  | { readonly kind: 'parts'; readonly lines: readonly PlannedLine[]; readonly name: string }
  | { readonly kind: 'bench'; readonly difference: BenchRehearsal; readonly file: string }
  | { readonly kind: 'setup'; readonly name: string; readonly newParts: number; readonly file: string }
  | {
      readonly kind: 'bundle';
      readonly newParts: number;
      readonly setups: number;
      readonly spreads: number;
      readonly file: string;
    }
  | { readonly kind: 'started'; readonly setupId: string }
  | { readonly kind: 'writing' }
  | { readonly kind: 'written'; readonly count: number | null; readonly seconds: number };

/** What putting a bench file in place came to when it was tried. */
export interface BenchRehearsal extends BenchDifference {
  readonly broken: readonly { readonly name: string }[];
  readonly leftOut: number;
}

export type RefusedCode =
  | 'signed-out'
  | 'not-allowed'
  | 'other-bench'
  | 'breaks'
  | 'busy'
  | 'disk-full'
  | 'no-request-id'
  | 'other-input'
  | 'archive'
  | 'binary'
  | 'too-large'
  | 'too-many-lines'
  | 'unreadable'
  | 'not-parts'
  | 'empty'
  | 'not-json'
  | 'bad-input'
  | 'foreign'
  | 'stale'
  | 'database-away'
  | 'unreachable'
  | 'failed';

/** Headless: a file in, a dry run of it, and only then the writing. */
export function useExchange(parts: readonly BoxPart[], reason: string) {
  const router = useRouter();
  const [state, setState] = useState<Exchange>({ kind: 'idle' });
  const worker = useRef<Worker | null>(null);
  useEffect(() => () => worker.current?.terminate(), []);
  const refuse = (code: RefusedCode, detail = '') => setState({ kind: 'refused', code, detail });

  const readTable = (file: File) => {
    worker.current?.terminate();
    worker.current = new Worker(new URL('../../workers/exchange.worker.ts', import.meta.url), { type: 'module' });
    worker.current.addEventListener('error', () => refuse('failed'));
    worker.current.addEventListener('message', ({ data }: MessageEvent<ExchangeReply>) => {
      if (data.kind === 'progress') setState({ kind: 'reading', done: data.done, of: data.of });
      else if (data.kind === 'refused') refuse(data.code);
      else if (data.plan.kind === 'plan') void rehearse(data.plan.lines, file.name);
      else refuse(data.plan.kind, data.plan.kind === 'not-parts' ? data.plan.found.join(', ') : '');
    });
    setState({ kind: 'reading', done: 0, of: 0 });
    worker.current.postMessage({ file, box: parts.map(({ part }) => part) } satisfies ExchangeRequest);
  };

  /** The planned changes are tried on the server and taken back: what is shown is what confirming does. */
  const rehearse = async (lines: readonly PlannedLine[], name: string) => {
    const changes = changesOf(lines, parts);
    if (changes.length > 0) {
      setState({ kind: 'checking' });
      const answer = await post('/files/parts', JSON.stringify({ changes, reason }));
      if (!answer.ok) return refuse(answer.code, answer.detail);
    }
    setState({ kind: 'parts', lines, name });
  };

  const readBench = async (file: File) => {
    if (file.size > 64 * 1024 * 1024) return refuse('too-large');
    setState({ kind: 'reading', done: 0, of: 0 });
    const text = await file.text();
    const found = kindOf(text);
    const answer = await post(`/files/${found}.json`, text);
    if (!answer.ok) refuse(answer.code, answer.detail);
    else if (found === 'bundle') {
      const { newParts, setups, spreads } = answer.data as BundleRehearsal;
      const fresh = setups.filter(({ isNew }) => isNew).length;
      setState({ kind: 'bundle', newParts, setups: fresh, spreads: spreads.length, file: text });
    } else if (found === 'setup')
      setState({ kind: 'setup', ...(answer.data as { name: string; newParts: number }), file: text });
    else setState({ kind: 'bench', difference: answer.data as BenchRehearsal, file: text });
  };

  const write = async (path: string, body: string) => {
    const start = performance.now();
    setState({ kind: 'writing' });
    const answer = await post(path, body);
    if (!answer.ok) return refuse(answer.code, answer.detail);
    const { count, setupId } = answer.data as { count?: number; setupId?: string };
    setState(
      setupId
        ? { kind: 'started', setupId }
        : { kind: 'written', count: count ?? null, seconds: (performance.now() - start) / 1e3 },
    );
    router.refresh();
  };

  return {
    state,
    read: (file: File) => (/\.json$/i.test(file.name) ? void readBench(file) : readTable(file)),
    cancel: () => {
      worker.current?.terminate();
      setState({ kind: 'idle' });
    },
    confirm: () => {
      if (state.kind === 'bundle') void write('/files/bundle.json?confirm=yes', state.file);
      if (state.kind === 'setup') void write('/files/setup.json?confirm=yes', state.file);
      if (state.kind === 'bench') void write('/files/bench.json?confirm=yes', state.file);
      if (state.kind === 'parts') {
        const changes = changesOf(state.lines, parts);
        void write('/files/parts?confirm=yes', JSON.stringify({ changes, reason }));
      }
    },
  };
}

function changesOf(lines: readonly PlannedLine[], parts: readonly BoxPart[]) {
  const versions = new Map(parts.map(({ part, version }) => [part.id as string, version]));
  return lines.flatMap(({ outcome }) =>
    outcome.kind === 'new' || outcome.kind === 'changed'
      ? [{ id: outcome.part.id, part: outcome.part, expectedVersion: versions.get(outcome.part.id) ?? null }]
      : [],
  );
}

/** A setup has a chain of joints, a bundle says that it is one; what is not JSON at all the server says. */
function kindOf(text: string): 'setup' | 'bundle' | 'bench' {
  try {
    const json: unknown = JSON.parse(text);
    if (typeof json !== 'object' || json === null) return 'bench';
    if ('kind' in json && json.kind === 'bundle') return 'bundle';
    return 'chain' in json ? 'setup' : 'bench';
  } catch {
    return 'bench';
  }
}

interface BundleRehearsal {
  readonly newParts: number;
  readonly setups: readonly { readonly isNew: boolean }[];
  readonly spreads: readonly unknown[];
}

type Answer =
  | { readonly ok: true; readonly data: unknown }
  | { readonly ok: false; readonly code: RefusedCode; readonly detail: string };

/** Posts a file; a change goes out under an id, the same one until an answer came. */
async function post(path: string, body: string): Promise<Answer> {
  const asked = `${path} ${body}`;
  try {
    const response = await fetch(path, {
      method: 'POST',
      headers: { 'content-type': 'application/json', 'idempotency-key': requestIdFor(asked), ...benchHeader() },
      body,
    });
    const data = (await response.json()) as {
      code?: RefusedCode;
      fields?: readonly { path: string }[];
      setups?: readonly { name: string }[];
    };
    if (response.status < 500) answered(asked);
    if (response.ok) return { ok: true, data };
    const details = [...(data.fields ?? []).map(({ path: at }) => at), ...(data.setups ?? []).map(({ name }) => name)];
    return { ok: false, code: data.code ?? 'failed', detail: details.slice(0, 8).join(', ') };
  } catch {
    return { ok: false, code: 'unreachable', detail: '' };
  }
}
