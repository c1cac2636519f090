/** An act that was not done, with the sentence that says why: nothing is lost, and the page is sound. */
export class Refused extends Error {
  override readonly name = 'Refused';
}
