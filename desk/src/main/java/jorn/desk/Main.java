package jorn.desk;

import jorn.desk.cli.JornCommand;

/** Where the program begins: the command line, which opens the window where no other command is given. */
public final class Main {
    private Main() {}

    public static void main(String[] args) {
        System.exit(JornCommand.run(args));
    }
}
