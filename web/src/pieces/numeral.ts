/** The number typed, with either mark before the decimals; not a number where it is none. */
export function numberTyped(text: string): number {
  const plain = text.trim().replace(",", ".");
  return plain === "" ? Number.NaN : Number(plain);
}

/** A proportion as it is typed: 7 %, 0.07 or 0,07. */
export function shareTyped(text: string): number {
  const percent = /^(.*?)[\s\u00a0\u202f]*%$/.exec(text.trim());
  // Shifted in the text, so that 7 % is 0.07 and not 0.07000000000000001.
  return percent ? Number(`${numberTyped(percent[1] ?? "")}e-2`) : numberTyped(text);
}
