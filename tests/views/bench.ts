import { waitFor } from '@testing-library/react';
import { expect } from 'vitest';
import { GET as setupJson } from '@/app/(views)/bench/[setupId]/setup.json/route';
import { run } from '@/cli/run';

/** What stands of a verdict on the Bench. */
export const verdict = (name: string): HTMLElement => found(`[data-verdict="${name}"]`);
export const figure = (name: string): string => found(`[data-verdict="${name}"] output`).textContent;
export const mark = (name: string): string => verdict(name).dataset['mark']!;

/** The joint that is chosen, and the setup's remarks with the worst first. */
export const current = (): HTMLElement => found('[aria-current="true"]');
export const remarks = (): readonly HTMLElement[] => [...document.querySelectorAll<HTMLElement>('[data-check]')];

/** Until the ranges stand beside the figures. */
export const ranged = (): Promise<void> => waitFor(() => expect(found('#verdicts').dataset['ranges']).toBe('ready'));

/** The setup as the file that the page offers. */
export async function fileOf(setupId: string): Promise<string> {
  const answer = await setupJson(new Request(`http://localhost/bench/${setupId}/setup.json`), {
    params: Promise.resolve({ setupId }),
  });
  return answer.text();
}

/** What a shell answers. */
export async function computed<T>(model: string, input: string): Promise<T> {
  const { stdout, stderr } = await run(['compute', model], () => input);
  if (!stdout) throw new Error(stderr);
  return JSON.parse(stdout) as T;
}

function found(selector: string): HTMLElement {
  const element = document.querySelector<HTMLElement>(selector);
  if (!element) throw new Error(`Nothing on the page is ${selector}`);
  return element;
}
