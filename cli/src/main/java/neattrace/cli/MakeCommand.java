package neattrace.cli;

import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Spec;

/** Goods out of drawings. */
@Command(name = "make", description = "Makes goods of drawings.")
final class MakeCommand implements Runnable {

    @Spec private CommandSpec spec;

    @Override
    public void run() {
        throw new ParameterException(
                spec.commandLine(), "Make what: sticker, sheet, page, stencil, shirt or mug?");
    }
}
