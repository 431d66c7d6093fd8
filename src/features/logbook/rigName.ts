export interface RigName {
  readonly id: string;
  readonly name: string;
}
