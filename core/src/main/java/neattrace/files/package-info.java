/**
 * Writing files so that a reader finds either the old content or the new, never half of one: write
 * a sibling temporary file, force it to disk, rename it over the target (POSIX rename semantics).
 */
package neattrace.files;
