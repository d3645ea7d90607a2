/** Hears how far it is. @returns whether the answer is still wanted */
export type Report<Progress> = (progress: Progress) => boolean | Promise<boolean>
