/**
 * Looking through a job: what needs a decision at each station. An {@link
 * neattrace.inspection.Inspection} says what it reads, as a value, and is run as a stage; {@link
 * neattrace.inspection.Inspector} runs them all. What is doubtful is measured by the reviews of the
 * steps ({@code sheet.review}, {@code trace.review}, {@code region}, {@code flat.review}); here it
 * is put into words, ranked and given its answers.
 */
package neattrace.inspection;
