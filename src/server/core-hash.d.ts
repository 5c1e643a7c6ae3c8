declare namespace NodeJS {
  interface ProcessEnv {
    /** hash of the sources of `src/core` at the time of the build; absent in a bare checkout */
    readonly CORE_HASH?: string;
  }
}
