import { gcm } from '@noble/ciphers/aes.js'
import { hmac } from '@noble/hashes/hmac.js'
import { sha256 } from '@noble/hashes/sha2.js'
import { bytesToHex, hexToBytes, utf8ToBytes } from '@noble/hashes/utils.js'

const NONCE_BYTES = 12

/**
 * Seals what one member keeps on this device: without his key, which the server tells only to him, it is noise. AES-256-GCM, by the
 * browser where it offers that, by a library on addresses where it does not; both write the same.
 */
export class Seal {
  private readonly key: Uint8Array<ArrayBuffer>
  private imported: Promise<CryptoKey> | null = null

  constructor(keyHex: string) {
    this.key = new Uint8Array(hexToBytes(keyHex))
  }

  /** A name under which something can be found again and from which it cannot be told. */
  nameOf(text: string): string {
    return bytesToHex(hmac(sha256, this.key, utf8ToBytes(text))).slice(0, 32)
  }

  private subtleKey(): Promise<CryptoKey> | null {
    // Absent on plain-http addresses other than this computer's own.
    const { subtle } = globalThis.crypto as { subtle?: SubtleCrypto }
    if (!subtle) return null
    this.imported ??= subtle.importKey('raw', this.key, 'AES-GCM', false, ['encrypt', 'decrypt'])
    return this.imported
  }

  async sealBytes(bytes: Uint8Array<ArrayBuffer>): Promise<Uint8Array<ArrayBuffer>> {
    const nonce = crypto.getRandomValues(new Uint8Array(NONCE_BYTES))
    const key = await this.subtleKey()
    const closed = key
      ? new Uint8Array(await crypto.subtle.encrypt({ name: 'AES-GCM', iv: nonce }, key, bytes))
      : gcm(this.key, nonce).encrypt(bytes)
    const sealed = new Uint8Array(NONCE_BYTES + closed.length)
    sealed.set(nonce)
    sealed.set(closed, NONCE_BYTES)
    return sealed
  }

  /** @throws Error when it was sealed with another key or changed since. */
  async openBytes(sealed: Uint8Array<ArrayBuffer>): Promise<Uint8Array<ArrayBuffer>> {
    const nonce = sealed.slice(0, NONCE_BYTES)
    const closed = sealed.slice(NONCE_BYTES)
    const key = await this.subtleKey()
    if (key) return new Uint8Array(await crypto.subtle.decrypt({ name: 'AES-GCM', iv: nonce }, key, closed))
    return new Uint8Array(gcm(this.key, nonce).decrypt(closed))
  }

  sealJson(value: unknown): Promise<Uint8Array<ArrayBuffer>> {
    return this.sealBytes(new Uint8Array(utf8ToBytes(JSON.stringify(value))))
  }

  /** @throws Error as `openBytes`. */
  async openJson(sealed: Uint8Array<ArrayBuffer>): Promise<unknown> {
    return JSON.parse(new TextDecoder().decode(await this.openBytes(sealed)))
  }
}
