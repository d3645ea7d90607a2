/** The header by which the server says which life of its database an answer is of; a save names that of its text. */
export const generationHeader = 'Jolvet-Generation'
