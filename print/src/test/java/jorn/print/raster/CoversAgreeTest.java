package jorn.print.raster;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import jorn.art.PageArt;
import jorn.art.Picture;
import jorn.book.Book;
import jorn.book.CoverPicture;
import jorn.edition.Edition;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What is seen of a composed cover is what prints. */
class CoversAgreeTest {
    @TempDir
    Path folder;

    @Test
    void composedCoversLookTheSameInTheFile() throws IOException {
        Picture drawing = Picture.of(
                "d.svg",
                ("<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"60\" height=\"90\">"
                                + "<rect width=\"60\" height=\"90\" fill=\"#224455\"/>"
                                + "<circle cx=\"30\" cy=\"40\" r=\"20\" fill=\"#e8a33a\"/></svg>")
                        .getBytes(StandardCharsets.UTF_8));
        Book plain = SinksBeside.journal().with(drawing);
        for (String composition : List.of("hills", "night", "full-picture", "badge", "checks")) {
            Book book = plain.withCover(plain.cover()
                    .planned(p -> p.composedAs(composition).withPicture(Optional.of(CoverPicture.of(drawing.id())))));
            compare(Edition.of(book).cover().plane(), composition);
        }
        Book toned = plain.withCover(plain.cover().planned(p -> p.composedAs("two-inks")
                .withPicture(
                        Optional.of(CoverPicture.of(drawing.id()).withFlip(true).withTurn(10)))));
        compare(Edition.of(toned).cover().plane(), "two inks");
    }

    private void compare(PageArt art, String what) throws IOException {
        SinksBeside.compare(Map.of(what, art), folder);
    }
}
