import type { ReactNode } from 'react';

/** A page in front of the door: one question, in the middle. */
export function WayIn({ title, children }: { readonly title: string; readonly children: ReactNode }) {
  return (
    <main id="main" tabIndex={-1} className="mx-auto flex max-w-[420px] flex-col gap-4 px-4 py-8 outline-none">
      <h1 className="narrow text-[22px] font-semibold">{title}</h1>
      {children}
    </main>
  );
}

export function BigField({ label, ...rest }: { readonly label: string } & React.ComponentProps<'input'>) {
  return (
    <label className="semi-narrow">
      {label}
      <input {...rest} className="min-h-12 w-full border border-ink bg-sheet px-3 text-[18px]" />
    </label>
  );
}

/** A password that is chosen here; the server asks for the same length. */
export const NewPasswordField = ({ label }: { readonly label: string }) => (
  <BigField
    label={label}
    name="password"
    type="password"
    required
    minLength={10}
    maxLength={200}
    autoComplete="new-password"
  />
);

export const GO = 'semi-narrow min-h-12 bg-hi px-4 text-[18px] font-semibold text-on-hi';
export const OTHER =
  'semi-narrow flex min-h-12 items-center justify-center border border-ink bg-sheet px-4 text-[16px]';

export function Said({ children }: { readonly children: ReactNode }) {
  return (
    <p role="alert" className="semi-narrow border-l-2 border-ink bg-sheet px-3 py-2">
      {children}
    </p>
  );
}
