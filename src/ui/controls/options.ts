/** One item of a list. */
export interface Option {
  readonly id: string;
  readonly label: string;
  /** A line under the label in the open list. */
  readonly why?: string;
}

export interface OptionSection {
  readonly title?: string;
  readonly options: readonly Option[];
}
