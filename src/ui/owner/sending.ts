/** What sends a yes or a question, fetched when somebody begins to give it: reading the bid needs none of it. */
export const sending = () => Promise.all([import('../../client/api'), import('../../core/contract/owner')])
