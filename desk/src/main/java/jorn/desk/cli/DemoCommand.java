package jorn.desk.cli;

import java.util.Optional;
import java.util.concurrent.Callable;
import jorn.desk.window.Windows;
import picocli.CommandLine.Command;

/** Opens the window with the demo books. */
@Command(name = "demo")
final class DemoCommand implements Callable<Integer> {
    @Override
    public Integer call() {
        return Windows.open(Optional.empty(), true);
    }
}
