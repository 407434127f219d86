/** Everything about a sheet that may need a decision, looked for in one go. */
package neattrace.sheet.review;
