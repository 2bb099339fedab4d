/// <reference types="vite/client" />

/** The version of Hop Lark, put in when the pages are built. */
declare const __VERSION__: string
