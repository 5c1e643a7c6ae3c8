declare module 'server-only';
