/**
 * Steps from an earlier shape of a stored or exported document to the next. Each takes whatever stands there and leaves
 * what it does not know alone: the schema of today judges the result.
 */

type Plain = Readonly<Record<string, unknown>>;

const isPlain = (data: unknown): data is Plain => typeof data === 'object' && data !== null && !Array.isArray(data);

/** Part 1 to 2: the thickest wire of a hook was called heavy. */
export function partFrom1(data: unknown): unknown {
  return isPlain(data) && data['wireClass'] === 'heavy' ? { ...data, wireClass: 'stout' } : data;
}

/** Ids of joints could have a colon, which now separates them from a station. */
const jointId = (id: unknown): unknown => (typeof id === 'string' ? id.replaceAll(':', '-') : id);

/** Chain 1 to 2: ids of joints without a colon. */
export function chainFrom1(data: unknown): unknown {
  return Array.isArray(data)
    ? data.map((joint: unknown) => (isPlain(joint) && 'id' in joint ? { ...joint, id: jointId(joint['id']) } : joint))
    : data;
}

/** Presentation 1 to 2: the joint that should break is named as the chain now names it. */
export function presentationFrom1(data: unknown): unknown {
  if (!isPlain(data) || !isPlain(data['wanted']) || typeof data['wanted']['breakAt'] !== 'string') return data;
  return { ...data, wanted: { ...data['wanted'], breakAt: jointId(data['wanted']['breakAt']) } };
}

const each = (list: unknown, step: (item: unknown) => unknown): unknown =>
  Array.isArray(list) ? list.map(step) : list;
const within = (item: unknown, steps: Readonly<Record<string, (data: unknown) => unknown>>): unknown =>
  isPlain(item)
    ? {
        ...item,
        ...Object.fromEntries(
          Object.entries(steps).flatMap(([key, step]) => (key in item ? [[key, step(item[key])]] : [])),
        ),
      }
    : item;

/** A setup file as any earlier version wrote it. Its number is still 1: only words in it changed. */
export const setupFileFrom1 = (file: unknown): unknown =>
  within(file, { parts: (parts) => each(parts, partFrom1), chain: chainFrom1, presentation: presentationFrom1 });

/** A bench file as it is written today, from any version that is known. */
export const benchFileAsNow = (file: unknown): unknown =>
  isPlain(file) && file['version'] === 1 ? benchFileFrom1(file) : file;

/** Bench file 1 to 2: one angler became several, readings keep what was read, and whoever did it may be named. */
function benchFileFrom1(file: unknown): unknown {
  if (!isPlain(file)) return file;
  const { angler, ...rest } = file;
  const revision = (data: unknown) =>
    within(data, { chain: chainFrom1, presentation: presentationFrom1, partsThen: (parts) => each(parts, partFrom1) });
  return within(
    {
      ...rest,
      version: 2,
      anglers:
        isPlain(angler) && Object.keys(angler).length > 0
          ? [{ id: 'angler-1', name: '', usual: true, figures: angler }]
          : [],
    },
    {
      parts: (parts) => each(parts, (item) => within(item, { part: partFrom1 })),
      setups: (setups) =>
        each(setups, (setup) => within(setup, { revisions: (revisions) => each(revisions, revision) })),
    },
  );
}
