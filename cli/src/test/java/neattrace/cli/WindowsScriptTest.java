package neattrace.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** The way in on Windows, as far as it can be told from its text. */
class WindowsScriptTest {

    private static String script() throws IOException {
        return Files.readString(Path.of("..", "neat-trace.cmd"));
    }

    @Test
    void everyLineEndsAsTheCommandInterpreterWantsIt() throws IOException {
        assertThat(script().replace("\r\n", "")).doesNotContain("\n").doesNotContain("\r");
    }

    @Test
    void everyLabelThatIsGoneToIsThere() throws IOException {
        String script = script();
        Matcher jump = Pattern.compile("goto (\\w+)").matcher(script);
        int jumps = 0;
        while (jump.find()) {
            assertThat(script).contains("\r\n:" + jump.group(1) + "\r\n");
            jumps++;
        }
        assertThat(jumps).isPositive();
    }

    /** Both scripts hand on every command, and build every module a command needs. */
    @Test
    void everyCommandIsKnownToBothScripts() throws IOException {
        String shell = Files.readString(Path.of("..", "neat-trace"));
        for (String command : NeatTrace.COMMANDS) {
            if (!command.equals("demo")) {
                assertThat(shell).containsPattern("[ |]" + command + "[|)]");
                assertThat(script()).containsPattern("for %%c in \\([^)]*\\b" + command + "\\b");
            }
        }
        assertThat(script()).contains("-pl core,standin,cli,app ", "standin\\src\\main");
    }
}
