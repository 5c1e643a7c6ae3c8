import { vi } from 'vitest';

vi.mock('next/headers', () => import('./request'));
