/** In which units sentences come. */
export interface Units {
  length: 'mm' | 'inch';
  force: 'N' | 'lbf';
}
