'use client'

import { useState } from 'react'
import { postJson } from '../../client/api'
import { countUnsent, forgetJobs } from '../../client/localDatabase'
import { forgetPages } from '../../client/serviceWorker'
import { Button, Dialog } from '../look'

async function leave(): Promise<void> {
  await forgetJobs().catch(() => undefined)
  await forgetPages()
  await postJson('/api/auth/sign-out', {})
  window.location.assign('/sign-in')
}

/** Signs out and takes the firm's pages off this device. What is not sent stays, and is said. */
export function SignOut() {
  const [unsent, setUnsent] = useState(0)
  return (
    <>
      <Button
        look="quiet"
        onClick={() =>
          void countUnsent()
            .catch(() => 0)
            .then((many) => (many > 0 ? setUnsent(many) : leave()))
        }
      >
        Sign out
      </Button>
      <Dialog open={unsent > 0} onClose={() => setUnsent(0)} title="Not everything is sent">
        <p>
          {unsent} edits and pictures are kept on this device. They stay here and go when you sign in again on
          it.
        </p>
        <div className="mt-4 flex justify-end gap-2">
          <Button onClick={() => setUnsent(0)}>Stay signed in</Button>
          <Button look="main" onClick={() => void leave()}>
            Sign out
          </Button>
        </div>
      </Dialog>
    </>
  )
}
