package jorn.desk.window;

import java.io.IOException;
import java.nio.file.Path;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.Labeled;
import jorn.book.Starter;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.testfx.util.WaitForAsyncUtils;

/** Despatch with a zine on it, and what a person does there. */
abstract class BinderyWindow extends WindowTest {
    protected void zine() {
        interact(() -> desk.lay(Starter.ZINE.begin().withTitle("Smoke Signals"), Optional.empty()));
        clickOn("#bench-despatch");
        interact(
                () -> ((javafx.scene.control.TextField) lookup("#export-folder").query())
                        .setText(folder.resolve("out").toString()));
        press("#parcel-printer");
        waitFor("#bindery-figures", "sheets");
    }

    protected void press(String id) {
        interact(() -> ((ButtonBase) lookup(id).query()).fire());
        settle();
    }

    protected void waitFor(String id, String words) {
        try {
            WaitForAsyncUtils.waitFor(20, TimeUnit.SECONDS, () -> lookup(id)
                    .tryQuery()
                    .filter(n -> ((Labeled) n).getText().contains(words))
                    .isPresent());
        } catch (java.util.concurrent.TimeoutException e) {
            throw new AssertionError(id + " says: " + text(id), e);
        }
        settle();
    }

    protected void waitForNotice(String words) {
        try {
            WaitForAsyncUtils.waitFor(
                    30,
                    TimeUnit.SECONDS,
                    () -> desk.notice().get() != null
                            && desk.notice().get().text().contains(words));
        } catch (java.util.concurrent.TimeoutException e) {
            throw new AssertionError(String.valueOf(desk.notice().get()), e);
        }
        settle();
    }

    protected static int pages(Path file) throws IOException {
        try (PDDocument read = Loader.loadPDF(file.toFile())) {
            return read.getNumberOfPages();
        }
    }

    protected Path other(int pages) throws IOException {
        try (PDDocument file = new PDDocument()) {
            for (int i = 0; i < pages; i++) {
                file.addPage(new PDPage(PDRectangle.A5));
            }
            file.save(folder.resolve("other.pdf").toFile());
        }
        return folder.resolve("other.pdf");
    }
}
