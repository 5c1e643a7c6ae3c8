import { act, cleanup, render } from '@testing-library/react';
import { useLayoutEffect } from 'react';
import fc from 'fast-check';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { useZoom, type ZoomAction } from './use-zoom';

const [WIDTH, HEIGHT] = [259, 142];
let hook: ReturnType<typeof useZoom>;
const seen = (now: typeof hook) => {
  hook = now;
};

function Sheet({ name }: { readonly name: string }) {
  const zoom = useZoom();
  const { ref } = zoom;
  useLayoutEffect(() => seen(zoom));
  return (
    <svg key={name} ref={ref} viewBox={`0 0 ${WIDTH} ${HEIGHT}`} data-testid={name}>
      <g />
    </svg>
  );
}
/** The view as the browser has it: a millimetre is a pixel here. */
async function draw() {
  const drawn = render(<Sheet name="sheet" />);
  // The code of the zoom is loaded after the drawing stands.
  await act(() => import('./sheet-zoom'));
  return { ...drawn, svg: drawn.getByTestId('sheet') as unknown as SVGSVGElement };
}
const run = (...actions: readonly ZoomAction[]) => actions.forEach((action) => act(() => hook.run(action)));
const wheel = (svg: SVGSVGElement, deltaY: number, [clientX, clientY]: readonly [number, number]) =>
  act(() => {
    // happy-dom's wheel has no place on the page.
    const event = new WheelEvent('wheel', { deltaY, cancelable: true, bubbles: true });
    svg.dispatchEvent(Object.assign(event, { clientX, clientY }));
  });

afterEach(cleanup);
beforeEach(() => {
  // happy-dom lays nothing out: the view box is what the attribute says, and a pixel is a millimetre.
  Object.defineProperties(SVGSVGElement.prototype, {
    viewBox: {
      configurable: true,
      get(this: SVGSVGElement) {
        const [x, y, width, height] = this.getAttribute('viewBox')!.split(' ').map(Number);
        return { baseVal: { x, y, width, height } };
      },
    },
    createSVGPoint: {
      configurable: true,
      value: () => ({
        x: 0,
        y: 0,
        matrixTransform() {
          return this;
        },
      }),
    },
    getScreenCTM: { configurable: true, value: () => ({ inverse: () => null }) },
  });
});

describe('a drawing enlarged by keys', () => {
  it('begins whole, and is never smaller', async () => {
    await draw();
    expect(hook.zoom).toMatchObject({ k: 1, x: 0, y: 0 });
    run('smaller');
    expect(hook.zoom).toMatchObject({ k: 1, x: 0, y: 0 });
  });

  it('grows about its middle, moves by so much of the view, and goes back to whole', async () => {
    await draw();
    run('larger');
    expect(hook.zoom.k).toBeCloseTo(1.3, 12);
    expect(hook.zoom.x).toBeCloseTo((-0.3 * WIDTH) / 2, 9);
    expect(hook.zoom.y).toBeCloseTo((-0.3 * HEIGHT) / 2, 9);
    run('pan-right');
    expect(hook.zoom.x).toBeCloseTo((-0.3 * WIDTH) / 2 - 20, 9);
    run('larger', 'pan-left', 'whole');
    expect(hook.zoom).toMatchObject({ k: 1, x: 0, y: 0 });
  });

  it('never grows beyond twelve times, and never leaves the sheet', () =>
    fc.assert(
      fc.asyncProperty(
        fc.array(
          fc.constantFrom<ZoomAction>('larger', 'larger', 'smaller', 'pan-left', 'pan-right', 'pan-up', 'pan-down'),
          { maxLength: 40 },
        ),
        async (actions) => {
          const { unmount } = await draw();
          run(...actions);
          const { k, x, y } = hook.zoom;
          expect(k).toBeGreaterThanOrEqual(1);
          expect(k).toBeLessThanOrEqual(12);
          for (const [at, length] of [
            [x, WIDTH],
            [y, HEIGHT],
          ] as const) {
            expect(at).toBeLessThanOrEqual(1e-9);
            expect(at + k * length).toBeGreaterThanOrEqual(length - 1e-9);
          }
          unmount();
        },
      ),
      { numRuns: 30 },
    ));

  it('does nothing while no drawing is shown', async () => {
    (await draw()).unmount();
    expect(() => hook.run('larger')).not.toThrow();
    expect(hook.zoom.k).toBe(1);
  });
});

describe('a drawing under the wheel', () => {
  it('keeps the point under the pointer where it is, and the page still', async () => {
    const { svg } = await draw();
    const at = [200, 100] as const;
    wheel(svg, -400, at);
    const { k, x, y } = hook.zoom;
    expect(k).toBeGreaterThan(1.5);
    expect((at[0] - x) / k).toBeCloseTo(at[0], 6);
    expect((at[1] - y) / k).toBeCloseTo(at[1], 6);
    const event = new WheelEvent('wheel', { deltaY: -10, cancelable: true, bubbles: true });
    act(() => void svg.dispatchEvent(event));
    expect(event.defaultPrevented).toBe(true);
  });

  it('another drawing in its place begins whole, and the one before lets go', async () => {
    const { svg, rerender, getByTestId } = await draw();
    run('larger');
    rerender(<Sheet name="another" />);
    expect(hook.zoom.k).toBe(1);
    wheel(svg, -400, [10, 10]);
    expect(hook.zoom.k).toBe(1);
    wheel(getByTestId('another') as unknown as SVGSVGElement, -400, [10, 10]);
    expect(hook.zoom.k).toBeGreaterThan(1);
  });
});

describe('fingers on a drawing', () => {
  const touched = (svg: SVGSVGElement, fingers: number): boolean => {
    const event = Object.assign(new Event('touchstart', { bubbles: true, cancelable: true }), {
      touches: Array.from({ length: fingers }, (_, identifier) => ({
        identifier,
        clientX: 10 + identifier,
        clientY: 10,
      })),
      changedTouches: [{ identifier: 0, clientX: 10, clientY: 10 }],
    });
    let passedOn = false;
    const onward = () => (passedOn = true);
    svg.parentElement!.addEventListener('touchstart', onward);
    act(() => void svg.dispatchEvent(event));
    svg.parentElement!.removeEventListener('touchstart', onward);
    return !passedOn;
  };
  beforeEach(() => {
    Object.defineProperty(navigator, 'maxTouchPoints', { configurable: true, value: 5 });
  });

  it('one scrolls the page while the drawing is not enlarged, two enlarge it', async () => {
    const { svg } = await draw();
    expect(touched(svg, 1)).toBe(false);
    expect(touched(svg, 2)).toBe(true);
  });

  it('one moves a drawing that is enlarged', async () => {
    const { svg } = await draw();
    run('larger');
    expect(touched(svg, 1)).toBe(true);
  });
});
