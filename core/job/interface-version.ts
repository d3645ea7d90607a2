/**
 * The version of what page and server say to each other. It rises when an older page would misunderstand an answer, or
 * the server its requests: each names its own, and the older one says so instead of guessing.
 */
export const interfaceVersion = 2

/** The header in which both name it. */
export const interfaceHeader = 'Jolvet-Interface'
