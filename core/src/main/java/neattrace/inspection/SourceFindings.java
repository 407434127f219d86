package neattrace.inspection;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import neattrace.finding.Answer;
import neattrace.finding.Finding;
import neattrace.finding.Measure;
import neattrace.job.Job;
import neattrace.raster.Resolution;
import neattrace.sheet.SpeckRecipe;
import neattrace.sheet.speck.SpeckReport;

/** What is known of a sheet as soon as it is read: its file, and what was dropped. */
final class SourceFindings {

    private final SheetInspection.Reads reads;
    private final Leaving left;

    SourceFindings(SheetInspection.Reads reads) {
        this.reads = reads;
        this.left = reads.left();
    }

    /** What the file's reader found wrong: it stops the job, since nobody sees what is missing. */
    Optional<Finding> damage() {
        List<String> damage = reads.picture().value().damage();
        if (damage.isEmpty() || left.isLeft("damage")) {
            return Optional.empty();
        }
        return Optional.of(
                Finding.of(
                        SheetInspection.DAMAGED,
                        "The picture's file is damaged",
                        String.join(" ", damage)
                                + " Parts of the drawing may be missing. Scan it again, or get the"
                                + " file once more.",
                        left.leave("damage")));
    }

    Optional<Finding> resolution() {
        Resolution scan = reads.scan();
        if (scan.stated()) {
            return Optional.empty();
        }
        String claim =
                scan.claimed() > 0
                        ? String.format(
                                Locale.ROOT,
                                "It says %.0f ppi, which cameras and screens write whatever the"
                                        + " size. ",
                                scan.claimed())
                        : "";
        return Optional.of(
                Finding.of(
                                SheetInspection.RESOLUTION,
                                scan.claimed() > 0
                                        ? "The file's resolution is no measure"
                                        : "The file does not say its resolution",
                                claim + "300 ppi is assumed. Every size in mm hangs on it.",
                                ppi("300 ppi is right", Resolution.ASSUMED_PPI),
                                ppi("It is 600 ppi", 600))
                        .measuring(new Measure(scan.ppi(), "ppi")));
    }

    private static Answer ppi(String label, double value) {
        return new Answer.Change(
                String.format(Locale.ROOT, "ppi-%.0f", value),
                label,
                "Resolution",
                (job, drawing) -> job.withPpi(value));
    }

    /** Which of several pages is used, and the next one. */
    Optional<Finding> pages() {
        int pages = reads.picture().value().pages();
        if (pages <= 1 || left.isLeft("pages")) {
            return Optional.empty();
        }
        int next = (reads.page() + 1) % pages;
        int last = Math.floorMod(reads.page() - 1, pages);
        List<Answer> answers = new ArrayList<>();
        answers.add(take("next", next));
        if (last != next) {
            answers.add(take("last", last));
        }
        answers.add(left.leave("pages"));
        return Optional.of(
                Finding.of(
                                SheetInspection.PAGES,
                                "The file holds " + pages + " pictures",
                                "Number "
                                        + (reads.page() + 1)
                                        + " is on the table. What is decided stays where it is.",
                                answers.toArray(Answer[]::new))
                        .measuring(Measure.count(pages)));
    }

    private static Answer take(String key, int page) {
        String label = "Take number " + (page + 1);
        return new Answer.Change(key, label, label, (job, drawing) -> onPage(job, page));
    }

    private static Job onPage(Job job, int page) {
        return job.withSource(job.source().withOpening(job.source().opening().withPage(page)));
    }

    /** What the scan itself decided to drop. */
    Optional<Finding> dropped() {
        SpeckReport report = reads.ink().specks();
        SpeckRecipe sizes = reads.ink().recipe().specks();
        boolean byScan = sizes.dustByScan() || sizes.pinholesByScan();
        if (report.dropped() == 0 || !byScan || left.isLeft("dropped")) {
            return Optional.empty();
        }
        double largest = Math.max(report.dust().limitMm(), report.pinholes().limitMm());
        String pattern =
                report.inPattern() == 0
                        ? ""
                        : String.format(
                                Locale.ROOT,
                                " %d that line up like stippling were left alone.",
                                report.inPattern());
        return Optional.of(
                Finding.of(
                                SheetInspection.DROPPED,
                                words(report),
                                String.format(
                                        Locale.ROOT,
                                        "The largest is %.2f mm. By size, darkness, shape and company"
                                                + " they are dust, not dots of the drawing.%s",
                                        largest,
                                        pattern),
                                left.leaveAll("That is right", "dropped"),
                                new Answer.Change(
                                        "keep",
                                        "Keep them",
                                        "Keep specks",
                                        (job, drawing) ->
                                                job.withRecipe(
                                                        job.recipe()
                                                                .withSpecks(SpeckRecipe.KEEP_ALL))))
                        .measuring(Measure.count(report.dropped())));
    }

    private static String words(SpeckReport report) {
        int dust = report.dust().dropped();
        int pinholes = report.pinholes().dropped();
        if (pinholes == 0) {
            return dust + (dust == 1 ? " speck was dropped" : " specks were dropped");
        }
        String filled = pinholes + (pinholes == 1 ? " pinhole" : " pinholes");
        return dust == 0
                ? filled + (pinholes == 1 ? " was filled" : " were filled")
                : dust + (dust == 1 ? " speck" : " specks") + " dropped, " + filled + " filled";
    }
}
