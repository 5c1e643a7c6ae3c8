import { builtinEnvironments, type Environment } from 'vitest/runtime';

const { 'happy-dom': happyDom } = builtinEnvironments;
let made: ReturnType<Environment['setup']> | null = null;

const happyDOM = {
  width: 1280,
  height: 800,
  // Saving a file is no way off the page.
  settings: { navigation: { disableMainFrameNavigation: true, disableFallbackToSetURL: true } },
};

/** One window for all files of a worker: the modules that they share keep hold of it. */
export default {
  ...happyDom,
  setup: async (global) => {
    await (made ??= happyDom.setup(global, { happyDOM }));
    return { teardown: () => undefined };
  },
} satisfies Environment;
