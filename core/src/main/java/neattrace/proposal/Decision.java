package neattrace.proposal;

import java.util.List;
import java.util.Optional;
import neattrace.finding.Place;

/**
 * Something that was decided, or left to a person, on the way to a proposal.
 *
 * @param id by which it can be taken back; the same for the same place of the same job
 * @param station where it belongs: the station's key
 * @param kind of the finding that it answers
 * @param what was found, in a person's words
 * @param done what was done about it; empty if it was left as it is
 * @param reason why it matters
 * @param doubt how doubtful it is, from 0 for a matter of course to 1
 * @param place where; empty if it concerns the whole drawing
 * @param goods for which goods it matters; empty for all
 */
public record Decision(
        String id,
        String station,
        String kind,
        String what,
        Optional<String> done,
        String reason,
        double doubt,
        Optional<Place> place,
        List<String> goods) {

    public Decision {
        goods = List.copyOf(goods);
        if (!(doubt >= 0 && doubt <= 1)) {
            throw new IllegalArgumentException("doubt is from 0 to 1");
        }
    }

    /** What was done in a sentence. */
    public String words() {
        return done.map(one -> what + ": " + one + ".").orElse(what + ": left as it is.");
    }
}
