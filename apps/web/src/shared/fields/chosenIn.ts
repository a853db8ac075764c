/** Which of the options a text of the browser stands for; undefined where it is none of them. */
export const chosenIn = <T extends string>(options: readonly { value: T }[], text: string): T | undefined =>
  options.find(({ value }) => value === text)?.value;
