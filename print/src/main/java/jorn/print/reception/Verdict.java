package jorn.print.reception;

import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import jorn.check.Finding;
import jorn.check.Finding.Severity;
import jorn.press.PressProfile;
import jorn.say.Wording;

/**
 * What a press answers.
 *
 * @param press whose profile was asked
 * @param files that were looked at, the inside first
 * @param answers what was found, the worst first
 * @param hours until the answer would come: made up, from how much there is to look at
 */
public record Verdict(PressProfile press, List<Path> files, List<Answer> answers, int hours) {
    /**
     * One thing that was found.
     *
     * @param file in which; none where a file is missing
     */
    public record Answer(Optional<Path> file, Finding finding) {
        /** As a press says it, in few words. */
        public String terse() {
            String place = finding.place().page() > 0 ? " (" + finding.place().inWords() + ")" : "";
            return Wording.of("check.terse." + finding.id().replace('.', '-')).toUpperCase(Locale.ROOT) + place;
        }

        public boolean isRefusal() {
            return finding.severity() == Severity.ERROR;
        }
    }

    public Verdict {
        files = List.copyOf(files);
        answers = List.copyOf(answers);
    }

    /** Whether nothing stands against printing it. */
    public boolean accepted() {
        return answers.stream().noneMatch(Answer::isRefusal);
    }
}
