package neattrace.cli;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import neattrace.job.GoodsSection;
import neattrace.job.Job;
import neattrace.job.file.JobFile;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** A picture or a job, and what it is for. */
final class JobInput {

    @Parameters(paramLabel = "IN", description = "A picture, or a job (" + JobFile.ENDING + ").")
    private Path input;

    @Option(
            names = "--for",
            paramLabel = "GOODS[:SIZE]",
            description =
                    "What it is for, such as sticker:60mm, shirt:280mm, colouring-page:A4; may be"
                            + " given several times.")
    private List<String> goods = List.of();

    @Mixin private PageOption page;

    Path path() {
        return input;
    }

    /**
     * The job with what was given. What it is for takes the place of what a job says.
     *
     * @throws picocli.CommandLine.ParameterException if goods or a setting are not known
     */
    Job read(CommandSpec spec, JobOptions options) throws IOException {
        options.check(spec);
        page.check(spec);
        GoodsSection wanted = Usage.goods(spec, goods);
        Job job = options.in(spec, page.of(spec, input));
        return goods.isEmpty() ? job : job.withGoods(wanted);
    }
}
