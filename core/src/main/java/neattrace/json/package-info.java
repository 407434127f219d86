/**
 * Fields of JSON files (RFC 8259), read one by one: what is missing, of another kind or out of
 * reach is told by name, as half a sentence for the user.
 */
package neattrace.json;
