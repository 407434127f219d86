/**
 * A response that keeps light lines and dense hatching alive together. No single curve can do both,
 * for both meet at the same greys; what parts them is how much ink lies round them. Where little
 * does, darkness is multiplied; where much does, brightness (the photographer's dodging and
 * burning, by local mean; our own method, no source).
 */
package neattrace.sheet.response;
