package jorn.desk.cli;

import java.util.concurrent.Callable;
import jorn.code.Isbn;
import jorn.say.Wording;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Checks a book's number, and says it in its other forms. */
@Command(name = "isbn")
final class IsbnCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Parameters(paramLabel = "N", arity = "1..*", description = "${bundle:cli.isbn.number}")
    private java.util.List<String> number;

    @Override
    public Integer call() {
        var out = spec.commandLine().getOut();
        Isbn isbn = Isbn.parse(String.join("", number));
        out.println("ISBN-13\t" + isbn.hyphenated());
        out.println("EAN\t" + isbn.digits());
        isbn.ten().ifPresent(ten -> out.println("ISBN-10\t" + ten));
        isbn.area().ifPresent(area -> out.println(Wording.of("cli.isbn.area") + "\t" + area));
        return JornCommand.DONE;
    }
}
