import { run } from './run.ts'

// Whoever reads our output may stop reading (| head); that is no fault.
process.stdout.on('error', (error: NodeJS.ErrnoException) => {
  if (error.code !== 'EPIPE') throw error
})

process.exitCode = await run(process.argv.slice(2), {
  out: (text) => process.stdout.write(text),
  err: (text) => process.stderr.write(text),
  bytes: (bytes) => process.stdout.write(bytes),
})
