package neattrace.finding;

import java.util.List;
import java.util.function.UnaryOperator;
import neattrace.gang.GangSheet;
import neattrace.gang.GangWork;
import neattrace.job.Job;
import neattrace.job.pipeline.Drawing;
import neattrace.region.Area;

/** Something that can be done about a finding. */
public sealed interface Answer {

    /** What it is called in files, such as {@code close}. */
    String key();

    /** In a person's words, such as "Close it". */
    String label();

    /** What an answer makes of a job. */
    @FunctionalInterface
    interface Changing {

        /**
         * The changed job.
         *
         * @param job as it stands
         * @param drawing what is computed of it
         */
        Job apply(Job job, Drawing drawing);
    }

    /**
     * Changes the job.
     *
     * @param what the change's name, for undoing it
     */
    record Change(String key, String label, String what, Changing changing) implements Answer {

        /** The changed job. */
        public Job apply(Job job, Drawing drawing) {
            return changing.apply(job, drawing);
        }
    }

    /**
     * Changes a sheet of stickers.
     *
     * @param what the change's name, for undoing it
     * @param then what is done to the places of its stickers then
     */
    record OnSheet(
            String key, String label, String what, UnaryOperator<GangSheet> changing, GangWork then)
            implements Answer {}

    /** Lays the swatch that a person has in hand. */
    record Colour(String key, String label, List<Area> areas) implements Answer {

        public Colour {
            areas = List.copyOf(areas);
        }
    }

    /**
     * A person does it by hand on the table.
     *
     * @param hand what is taken up, such as {@code knife}
     */
    record ByHand(String key, String label, String hand) implements Answer {}

    /**
     * It is settled at another station.
     *
     * @param station its key
     */
    record Visit(String key, String label, String station) implements Answer {}
}
