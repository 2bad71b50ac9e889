/** Asks the browser to keep what lies here when space runs short. It may say no; then what is not sent yet is less sure. */
export async function askToPersist(): Promise<boolean> {
  const { storage } = navigator as { storage?: StorageManager }
  if (!storage) return false
  try {
    return (await storage.persisted()) || (await storage.persist())
  } catch {
    return false
  }
}
