package neattrace.inspection;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.UnaryOperator;
import neattrace.finding.Answer;
import neattrace.finding.Finding;
import neattrace.finding.Group;
import neattrace.finding.Kind;
import neattrace.job.WantedGoods;

/** Answers that change how goods are made. */
final class GoodsAnswers {

    private GoodsAnswers() {}

    /** An answer that changes the goods of an id; nothing if they are gone. */
    static Answer.Change change(
            String key, String label, Wished wished, UnaryOperator<WantedGoods> change) {
        return new Answer.Change(
                key, label, label, (job, drawing) -> job.changed(wished.id(), change));
    }

    /** What can be done about all of a kind: whatever can be done about each, by its key. */
    static List<Answer> forAll(Kind kind, List<Finding> all) {
        List<Answer> answers = new ArrayList<>();
        for (Answer one : all.get(0).answers()) {
            if (one instanceof Answer.Change change) {
                String label =
                        change.key().equals(Leaving.LEAVE)
                                ? "Leave all"
                                : change.label() + ", all of them";
                answers.add(Group.each(all, change.key(), label));
            }
        }
        return answers;
    }

    static String mm(String format, double... values) {
        Object[] boxed = new Object[values.length];
        for (int i = 0; i < values.length; i++) {
            boxed[i] = values[i];
        }
        return String.format(Locale.ROOT, format, boxed);
    }
}
