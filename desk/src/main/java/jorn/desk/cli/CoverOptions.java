package jorn.desk.cli;

import java.io.IOException;
import java.math.BigDecimal;
import java.nio.file.Path;
import java.util.Optional;
import jorn.art.Picture;
import jorn.book.Book;
import jorn.book.CoverPicture;
import jorn.book.CoverPlan;
import jorn.code.Isbn;
import jorn.cover.Compositions;
import jorn.measure.Trouble;
import jorn.print.picture.PictureIntake;
import picocli.CommandLine.Option;

/** What may be said of the cover of a new book. */
final class CoverOptions {
    /** Whose picture fills the front. */
    private static final String FULL = "full-picture";

    @Option(names = "--cover", paramLabel = "ID", description = "${bundle:cli.new.cover}")
    private String composition;

    @Option(names = "--picture", paramLabel = "FILE", description = "${bundle:cli.new.picture}")
    private Path picture;

    @Option(names = "--isbn", paramLabel = "N", description = "${bundle:cli.new.isbn}")
    private String isbn;

    @Option(names = "--cover-price", paramLabel = "N", description = "${bundle:cli.new.cover-price}")
    private String price;

    @Option(names = "--blurb", paramLabel = "T", description = "${bundle:cli.new.blurb}")
    private String blurb;

    /** The book with that cover. */
    Book on(Book book) {
        Book now = book;
        if (picture != null) {
            Picture taken = taken(picture);
            String id = composition == null ? FULL : composition;
            now = now.with(taken);
            now = now.wearing(
                    p -> p.composedAs(Compositions.of(id).id()).withPicture(Optional.of(CoverPicture.of(taken.id()))));
        } else if (composition != null) {
            now = now.wearing(p -> p.composedAs(Compositions.of(composition).id()));
        }
        if (isbn != null) {
            Isbn number = Isbn.parse(isbn);
            now = planned(now, p -> p.withCode(p.code().withIsbn(Optional.of(number))));
        }
        if (price != null) {
            BigDecimal amount = amount();
            String currency = now.brief().press().markets().isEmpty()
                    ? "USD"
                    : now.brief().press().markets().get(0).currency();
            now = planned(
                    now, p -> p.withCode(p.code().withPrice(Optional.of(amount)).withCurrency(currency))
                            .withBack(p.back().withPrice(amount.toPlainString())));
        }
        return blurb == null ? now : now.withCover(now.cover().withBlurb(blurb));
    }

    private static Book planned(Book book, java.util.function.UnaryOperator<CoverPlan> change) {
        return book.withCover(book.cover().planned(change));
    }

    private BigDecimal amount() {
        try {
            BigDecimal amount = new BigDecimal(price.strip().replace(',', '.'));
            if (amount.signum() > 0) {
                return amount;
            }
        } catch (NumberFormatException e) {
            throw Trouble.because(e, "cli.new.bad-price", price);
        }
        throw Trouble.of("cli.new.bad-price", price);
    }

    private static Picture taken(Path file) {
        try {
            return PictureIntake.of(file);
        } catch (IOException e) {
            throw Trouble.because(e, "cli.new.no-picture", file);
        }
    }
}
