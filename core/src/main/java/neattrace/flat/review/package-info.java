/**
 * What is doubtful about flats: colours so near that they were surely meant to be one (CIEDE2000:
 * CIE 142-2001, Sharma, Wu and Dalal, Color Research and Application 30(1), 2005), a colour used
 * once, areas too small for the goods, wide gaps that hold colours apart, colours that keep to one
 * part of the sheet.
 */
package neattrace.flat.review;
