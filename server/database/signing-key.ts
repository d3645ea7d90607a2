import { newSigningKey, type SigningKey } from '../record/sign'
import { useDatabase } from './connection/connection'
import { signingKeys } from './schema'

const only = 1

/** The key of this installation, made when it is first asked for; of two that make one at once the first holds. */
export async function signingKey(): Promise<SigningKey> {
  const database = await useDatabase()
  const find = () => database.select({ public: signingKeys.public, private: signingKeys.private }).from(signingKeys)
  const [known] = await find()
  if (known) return known
  await database
    .insert(signingKeys)
    .ignore()
    .values({ id: only, ...newSigningKey(), at: new Date() })
  return (await find())[0]!
}
