/** What the web process starts besides answering: called once by the framework. */
export async function register(): Promise<void> {
  const url = process.env.DETRIMUS_QUEUE_DATABASE_URL
  if (process.env.NEXT_RUNTIME !== 'nodejs' || !url) return
  const { startQueue } = await import('./server/queue')
  const say = (error: Error): void => console.error(`queue: ${error.message}`)
  // Without the queue nobody is reminded; everything else works, and so it is said and not refused.
  await startQueue(url, say).catch(say)
}
