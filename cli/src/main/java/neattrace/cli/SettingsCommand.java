package neattrace.cli;

import java.util.concurrent.Callable;
import neattrace.job.setting.Settings;
import picocli.CommandLine.Command;

/** What --set takes. */
@Command(name = "settings", description = "Lists all settings that --set takes, with their ranges.")
final class SettingsCommand implements Callable<Integer> {

    private final Reporter reporter;

    SettingsCommand(Reporter reporter) {
        this.reporter = reporter;
    }

    @Override
    public Integer call() {
        Settings.lines().forEach(reporter::say);
        return ExitCode.DONE;
    }
}
