package jorn.desk.cli;

import java.util.stream.Collectors;
import jorn.say.Wording;
import picocli.CommandLine;
import picocli.CommandLine.MissingParameterException;
import picocli.CommandLine.Model.ArgSpec;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.UnmatchedArgumentException;

/** What the command line's library says of itself, in the language that is spoken. */
final class SpokenHelp {
    private SpokenHelp() {}

    /** Puts our words in place of the library's. */
    static void give(CommandLine line) {
        line.setResourceBundle(new WordBundle());
        line.getCommandSpec().usageMessage().synopsisHeading(Wording.of("cli.help.usage") + " ");
    }

    /** Why words were not understood. */
    static String refusal(ParameterException e) {
        if (e instanceof UnmatchedArgumentException unmatched) {
            return Wording.of("cli.help.not-understood", String.join(" ", unmatched.getUnmatched()));
        }
        if (e instanceof MissingParameterException missing) {
            String names = missing.getMissing().stream().map(SpokenHelp::name).collect(Collectors.joining(", "));
            return Wording.of("cli.help.missing", names);
        }
        return e.getArgSpec() != null && e.getValue() != null
                ? Wording.of("cli.help.wrong-value", e.getValue(), name(e.getArgSpec()))
                : String.valueOf(e.getMessage());
    }

    private static String name(ArgSpec spec) {
        return spec instanceof CommandLine.Model.OptionSpec option ? option.longestName() : spec.paramLabel();
    }
}
