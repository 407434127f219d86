/**
 * What is printed: ordered objects, each with tints of named colorants (after ISO 12640 and PDF's
 * DeviceN, ISO 32000-1, 8.6.6.5), in named layers, and where they are placed on a page. Writers of
 * files write this; what lies over what, and what it is called, is decided here alone.
 */
package neattrace.print;
