import type { BetterAuthOptions } from 'better-auth'
import { createAccessControl } from 'better-auth/plugins/access'
import { organization, twoFactor } from 'better-auth/plugins'
import { adminAc, defaultStatements, memberAc, ownerAc } from 'better-auth/plugins/organization/access'
import type { Pool } from 'pg'
import { log } from '../log'

const access = createAccessControl(defaultStatements)

/** Roles in a firm. What each may do is decided in `core/firm/permissions.ts`; here only who may run the membership list. */
const roles = {
  'owner-estimator': access.newRole(ownerAc.statements),
  office: access.newRole(adminAc.statements),
  crew: access.newRole(memberAc.statements),
  apprentice: access.newRole(memberAc.statements),
}

/** Header in which our web process says where a request came from; what a client says of itself is taken out before. */
export const ADDRESS_HEADER = 'x-detrimus-address'

/** The library's own plugin for a second factor, with our names of its columns. */
const secondFactorPlugin = (): ReturnType<typeof twoFactor> =>
  twoFactor({
    issuer: 'Detrimus',
    schema: {
      user: { fields: { twoFactorEnabled: 'two_factor_enabled' } },
      twoFactor: {
        modelName: 'two_factor',
        fields: {
          backupCodes: 'backup_codes',
          userId: 'user_id',
          failedVerificationCount: 'failed_verification_count',
          lockedUntil: 'locked_until',
        },
      },
    },
  })

/** Settings of the sign-in library. Nobody signs himself up: the firm adds its people. */
export function authOptions(of: {
  pool: Pool
  secret: string
  baseUrl: string
  allowSignUp: boolean
  secondFactor?: boolean
}): BetterAuthOptions {
  return {
    database: of.pool,
    secret: of.secret,
    baseURL: of.baseUrl,
    telemetry: { enabled: false },
    // Its own words would hold mail addresses: only what it says, never about whom.
    logger: { level: 'error', log: (_level, message) => log.warn({ library: message }, 'sign-in') },
    emailAndPassword: {
      enabled: true,
      autoSignIn: false,
      disableSignUp: !of.allowSignUp,
      minPasswordLength: 10,
    },
    session: {
      expiresIn: 60 * 60 * 24 * 30,
      fields: {
        expiresAt: 'expires_at',
        createdAt: 'created_at',
        updatedAt: 'updated_at',
        ipAddress: 'ip_address',
        userAgent: 'user_agent',
        userId: 'user_id',
      },
    },
    user: { fields: { emailVerified: 'email_verified', createdAt: 'created_at', updatedAt: 'updated_at' } },
    account: {
      fields: {
        accountId: 'account_id',
        providerId: 'provider_id',
        userId: 'user_id',
        accessToken: 'access_token',
        refreshToken: 'refresh_token',
        idToken: 'id_token',
        accessTokenExpiresAt: 'access_token_expires_at',
        refreshTokenExpiresAt: 'refresh_token_expires_at',
        createdAt: 'created_at',
        updatedAt: 'updated_at',
      },
    },
    verification: { fields: { expiresAt: 'expires_at', createdAt: 'created_at', updatedAt: 'updated_at' } },
    // Failed sign-ins are counted in the database, by account and by address: see throttle.ts.
    rateLimit: { enabled: false },
    advanced: { database: { generateId: 'uuid' }, ipAddress: { ipAddressHeaders: [ADDRESS_HEADER] } },
    plugins: [
      ...(of.secondFactor ? [secondFactorPlugin()] : []),
      organization({
        ac: access,
        roles,
        creatorRole: 'owner-estimator',
        allowUserToCreateOrganization: of.allowSignUp,
        schema: {
          session: { fields: { activeOrganizationId: 'active_organization_id' } },
          organization: { fields: { createdAt: 'created_at' } },
          member: {
            fields: { organizationId: 'organization_id', userId: 'user_id', createdAt: 'created_at' },
          },
          invitation: {
            fields: {
              organizationId: 'organization_id',
              expiresAt: 'expires_at',
              createdAt: 'created_at',
              inviterId: 'inviter_id',
            },
          },
        },
      }),
    ],
  }
}
