/** Whether a reel of a build sits on a rod of a mount: a fixed spool hangs under large rings, a multiplier sits over small ones; a boat rod takes either. */
export const seatTakes = (mount: 'cast' | 'spin' | 'trolling' | 'boat', build: 'fixed-spool' | 'multiplier'): boolean =>
  mount === 'boat' || (mount === 'spin') === (build === 'fixed-spool');
