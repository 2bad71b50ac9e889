'use client'

import { postJson } from '../../client/api'
import { Button } from '../look'

export function SignOut() {
  return (
    <Button
      look="quiet"
      onClick={() => void postJson('/api/auth/sign-out', {}).then(() => window.location.assign('/sign-in'))}
    >
      Sign out
    </Button>
  )
}
