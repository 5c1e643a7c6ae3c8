'use client';

import type { Helm } from '@/domain/helm/helm';
import { MOST_ROUTES } from '@/domain/helm/helm-limits';
import type { LinkState } from '@/domain/helm/live';
import { READ_CHANNELS } from '@/domain/instruments/channels';
import { BARE_UNITS, USUAL_ROUTES } from '@/domain/instruments/routes';
import { useI18n } from '@/i18n/client';
import { PanelButton } from './panel-button';

type Route = Helm['routes'][number];
const SI = '';

/** Which figure of which sentence feeds which channel; of two for one channel the upper goes first. */
export function RouteTable({
  routes,
  links,
  busy,
  onRoutes,
}: {
  readonly routes: readonly Route[];
  readonly links: readonly LinkState[];
  readonly busy: boolean;
  readonly onRoutes: (routes: Route[]) => void;
}) {
  const { t, number } = useI18n();
  const heard: Readonly<Record<string, number>> = Object.assign({}, ...links.map((link) => link.heard));
  const used = new Set(routes.map(({ source }) => source));
  const free = Object.keys(heard).filter((source) => !used.has(source));
  const put = (i: number, changes: Partial<Route>) =>
    onRoutes(routes.map((route, k) => (k === i ? withoutNothing({ ...route, ...changes }) : route)));
  return (
    <div className="flex flex-col gap-2" data-testid="routes">
      <p className="semi-narrow text-[14px] text-dim">{t('helm.routes.hint')}</p>
      <div className="overflow-x-auto">
        <table className="narrow w-full text-[14px]">
          <thead className="text-left text-dim">
            <tr>
              {(['source', 'heard', 'channel', 'unit', 'plus'] as const).map((name) => (
                <th key={name} className="pr-2 font-normal">
                  {t(`helm.routes.${name}`)}
                </th>
              ))}
              <th />
            </tr>
          </thead>
          <tbody>
            {routes.map((route, i) => (
              <tr key={`${route.source} ${route.channel}`} className="border-t border-faint">
                <td className="pr-2">{route.source}</td>
                <td className="pr-2 text-dim">
                  {route.source in heard ? number(heard[route.source]!, 3) : t('helm.routes.notHeard')}
                </td>
                <td className="pr-2">
                  <select
                    aria-label={t('helm.routes.channelOf', { source: route.source })}
                    value={route.channel}
                    disabled={busy}
                    onChange={(event) => {
                      const channel = READ_CHANNELS.find((each) => each === event.target.value);
                      if (channel) put(i, { channel });
                    }}
                    className="min-h-8 border-b border-faint bg-sheet"
                  >
                    {READ_CHANNELS.map((channel) => (
                      <option key={channel} value={channel}>
                        {t(`helm.channel.${channel}`)}
                      </option>
                    ))}
                  </select>
                </td>
                <td className="pr-2">
                  <select
                    aria-label={t('helm.routes.unitOf', { source: route.source })}
                    value={route.unit ?? SI}
                    disabled={busy}
                    onChange={(event) => put(i, { unit: BARE_UNITS.find((unit) => unit === event.target.value) })}
                    className="min-h-8 border-b border-faint bg-sheet"
                  >
                    <option value={SI}>{t('helm.routes.asSent')}</option>
                    {BARE_UNITS.map((unit) => (
                      <option key={unit} value={unit}>
                        {unit === 'degC' ? '°C' : unit === 'degF' ? '°F' : unit === 'deg' ? '°' : unit}
                      </option>
                    ))}
                  </select>
                </td>
                <td className="pr-2">
                  <input
                    aria-label={t('helm.routes.plusOf', { source: route.source })}
                    key={route.plus ?? 0}
                    defaultValue={route.plus ?? 0}
                    inputMode="decimal"
                    disabled={busy}
                    onBlur={(event) => {
                      const plus = Number(event.target.value.replace(',', '.'));
                      if (Number.isFinite(plus) && plus !== (route.plus ?? 0)) put(i, { plus });
                    }}
                    className="min-h-8 w-16 border-b border-faint bg-transparent"
                  />
                </td>
                <td className="whitespace-nowrap">
                  <button
                    type="button"
                    disabled={busy || i === 0}
                    aria-label={t('helm.routes.upOf', { source: route.source })}
                    className="min-h-8 min-w-8 border border-faint disabled:text-dim"
                    onClick={() => onRoutes(raised(routes, i))}
                  >
                    ↑
                  </button>
                  <button
                    type="button"
                    disabled={busy}
                    className="min-h-8 px-2 underline"
                    onClick={() => onRoutes(routes.filter((_, k) => k !== i))}
                  >
                    {t('helm.remove')}
                  </button>
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      {free.length > 0 && routes.length < MOST_ROUTES && (
        <div className="flex flex-wrap items-center gap-2">
          <span className="semi-narrow text-[14px]">{t('helm.routes.free')}</span>
          {free.map((source) => (
            <button
              key={source}
              type="button"
              disabled={busy}
              onClick={() => onRoutes([...routes, { source, channel: 'probeMps' }])}
              className="narrow min-h-8 border border-faint px-2 text-[13px] hover:border-ink"
            >
              + {source}
            </button>
          ))}
        </div>
      )}
      <PanelButton disabled={busy} onClick={() => onRoutes(USUAL_ROUTES.map((route) => ({ ...route })))}>
        {t('helm.routes.usual')}
      </PanelButton>
    </div>
  );
}

/** The rows with one of them a place further up. */
const raised = (routes: readonly Route[], i: number): Route[] => [
  ...routes.slice(0, i - 1),
  routes[i]!,
  routes[i - 1]!,
  ...routes.slice(i + 1),
];

/** A row without fields that say nothing. */
function withoutNothing({ unit, plus, ...rest }: Route): Route {
  return { ...rest, ...(unit === undefined ? {} : { unit }), ...(plus === undefined || plus === 0 ? {} : { plus }) };
}
