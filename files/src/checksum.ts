import { sha256 } from '@noble/hashes/sha2.js'
import { bytesToHex } from '@noble/hashes/utils.js'

/** The SHA-256 checksum of bytes, in small hexadecimal digits. By a library, since browsers have none over plain http. */
export const checksumOf = (bytes: Uint8Array): string => bytesToHex(sha256(bytes))
