package neattrace.job;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import neattrace.geom.OnPage;
import neattrace.geom.Point;

/**
 * What was agreed about the drawing.
 *
 * @param client for whom it is; empty for oneself
 * @param due by when; empty if no day is promised
 * @param announceDays how many days before that it is announced
 * @param references what it was made after
 * @param lettering where letters are
 */
public record BriefSection(
        String client,
        Optional<LocalDate> due,
        int announceDays,
        List<Reference> references,
        List<Lettering> lettering)
        implements OnPage<BriefSection> {

    /** Nothing was agreed. */
    public static final BriefSection EMPTY =
            new BriefSection("", Optional.empty(), 0, List.of(), List.of());

    /** Nothing is announced earlier. */
    public static final int MOST_ANNOUNCE_DAYS = 365;

    private static final int LONGEST = 200;
    private static final int MOST_REFERENCES = 200;

    public BriefSection {
        client = client.strip();
        if (announceDays < 0 || announceDays > MOST_ANNOUNCE_DAYS) {
            throw new IllegalArgumentException("a thing is announced 0 to 365 days before");
        }
        references = List.copyOf(references);
        lettering = List.copyOf(lettering);
        if (client.length() > LONGEST) {
            throw new IllegalArgumentException("a client's name has at most 200 letters");
        }
        if (references.size() > MOST_REFERENCES) {
            throw new IllegalArgumentException("there are at most 200 references");
        }
    }

    public BriefSection withClient(String value) {
        return new BriefSection(value, due, announceDays, references, lettering);
    }

    public BriefSection withDue(Optional<LocalDate> value) {
        return new BriefSection(client, value, announceDays, references, lettering);
    }

    public BriefSection withAnnounceDays(int value) {
        return new BriefSection(client, due, value, references, lettering);
    }

    public BriefSection withReferences(List<Reference> value) {
        return new BriefSection(client, due, announceDays, value, lettering);
    }

    public BriefSection withLettering(List<Lettering> value) {
        return new BriefSection(client, due, announceDays, references, value);
    }

    /** The same where the drawing now is. */
    @Override
    public BriefSection moved(UnaryOperator<Point> map, double growth) {
        return withLettering(lettering.stream().map(one -> one.moved(map, growth)).toList());
    }

    /** The same with one more reference. */
    public BriefSection with(Reference reference) {
        List<Reference> next = new ArrayList<>(references);
        next.add(reference);
        return withReferences(next);
    }

    /** The same without a reference. */
    public BriefSection without(Reference reference) {
        List<Reference> next = new ArrayList<>(references);
        next.remove(reference);
        return withReferences(next);
    }
}
