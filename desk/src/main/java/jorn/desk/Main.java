package jorn.desk;

import jorn.desk.cli.JornCommand;
import jorn.desk.model.LanguageChoice;
import jorn.desk.model.Mishap;
import jorn.desk.model.UserFolder;
import jorn.say.Wording;

/** Where the program begins: the command line, which opens the window where no other command is given. */
public final class Main {
    private Main() {}

    public static void main(String[] args) {
        Thread.setDefaultUncaughtExceptionHandler((t, e) -> Mishap.log(e));
        Wording.speak(new LanguageChoice(UserFolder.path()).now());
        System.exit(JornCommand.run(args));
    }
}
