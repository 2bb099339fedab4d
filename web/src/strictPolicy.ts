// Our content security policy forbids making code from text, which Zod would otherwise try in order to be quicker. It is set
// where Zod looks for it, so that Zod itself is loaded only with what needs it.
Object.assign(globalThis, { __zod_globalConfig: { jitless: true } })
