// Apart from the classes that check, which a page fetches with the form that is checked.

/** The words for what a revision changed are no longer than this. */
export const MOST_CHANGES = 600;

/** So many revisions come in one answer. */
export const REVISION_PAGE = 100;

/** The variant that every job begins with. */
export const MAIN_BRANCH = 'main';

/** In which header the answer says how many pages a sheet has. */
export const PAGES_HEADER = 'Gyrus-Pages';
