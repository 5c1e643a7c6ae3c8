'use client';

import { useState, type ReactNode } from 'react';
import { Link } from '@/ui/link';
import { Pop } from '@/ui/pop';

export interface SettingsPopProps {
  readonly label: string;
  readonly button: string;
  readonly switches: ReactNode;
  /** word of the link to people and benches */
  readonly crew: string;
}

/** The settings of a phone, in one small sheet. */
export function SettingsPop({ label, button, switches, crew }: SettingsPopProps) {
  const [isOpen, setOpen] = useState(false);
  return (
    <Pop
      open={isOpen}
      onOpenChange={setOpen}
      label={label}
      className="w-48"
      trigger={
        <button type="button" className="min-h-9 whitespace-nowrap border border-faint px-2">
          {button}
        </button>
      }
    >
      {switches}
      <Link href="/crew" className="mt-2 flex min-h-11 items-center underline underline-offset-2">
        {crew}
      </Link>
    </Pop>
  );
}
