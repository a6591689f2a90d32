/** Address at which phones reach a kitchen. */
export interface Network {
  /** `https://…` of every name and address, the most likely first. */
  readonly addresses: readonly string[];
  /** `http://…` of the welcome page. */
  readonly welcome: string;
}
