import type { ReactNode } from 'react';

export function Group({ title, children }: { readonly title: string; readonly children: ReactNode }) {
  return (
    <fieldset className="mb-3 border-t border-ink pt-1">
      <legend className="narrow pr-2 text-[13px] font-semibold">{title}</legend>
      <div className="grid grid-cols-2 gap-x-4 gap-y-1.5">{children}</div>
    </fieldset>
  );
}

/** A safety warning, next to the fields that it is about. */
export const Caution = ({ children }: { readonly children: ReactNode }) => (
  <p className="semi-narrow col-span-2 border-l-2 border-ink pl-2 text-[12px]">{children}</p>
);

export function Tick({
  label,
  checked,
  onChange,
}: {
  readonly label: string;
  readonly checked: boolean;
  readonly onChange: (checked: boolean) => void;
}) {
  return (
    <label className="flex min-h-8 items-center gap-1.5 text-[14px]">
      <input type="checkbox" checked={checked} onChange={(event) => onChange(event.target.checked)} /> {label}
    </label>
  );
}
