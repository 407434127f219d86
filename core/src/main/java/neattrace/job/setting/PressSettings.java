package neattrace.job.setting;

import java.util.List;
import neattrace.job.Job;
import neattrace.press.BlackRule;

/** What can be set about printing. */
public final class PressSettings {

    public static final Option<BlackRule> BLACK =
            new Option<>(
                    "black-rule",
                    "Black",
                    List.of(BlackRule.RICH, BlackRule.K_ONLY),
                    rule ->
                            rule == BlackRule.RICH
                                    ? "rich: " + rule.underlay() + " under K100"
                                    : "black ink alone: K100",
                    Job::black,
                    Job::withBlack);

    /** All of them. */
    static final List<Setting> ALL = List.of(BLACK);

    private PressSettings() {}
}
