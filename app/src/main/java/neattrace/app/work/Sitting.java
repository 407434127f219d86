package neattrace.app.work;

/**
 * One sitting over a job, from when it comes onto the table until another does. Whatever is asked
 * of a job carries its sitting, so that what ends late is told of the job it was asked of and of no
 * other; the same file opened twice has two. Known by identity alone.
 */
public final class Sitting {}
