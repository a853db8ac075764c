/** The international avoirdupois pound, exactly. kg */
export const POUND = 0.45359237;
