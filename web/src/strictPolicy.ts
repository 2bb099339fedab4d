import { z } from 'zod'

// Our content security policy forbids making code from text, which Zod would otherwise try in order to be quicker.
z.config({ jitless: true })
