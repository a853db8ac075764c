/** The name of a role: `door bar`. */
export const roleWords = (role: string): string => role.replaceAll('-', ' ');
