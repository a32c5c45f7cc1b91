package jorn.brief;

import java.util.List;
import java.util.Optional;
import jorn.art.Box;
import jorn.book.Book;
import jorn.book.Pagination;
import jorn.book.Slot;
import jorn.content.Request.Room;
import jorn.makeup.PageRooms;
import jorn.measure.Figure;
import jorn.measure.Length;
import jorn.measure.Scalar;
import jorn.puzzle.PuzzleRules.Squares;
import jorn.puzzle.run.PuzzlePage;
import jorn.puzzle.run.PuzzlePlaces;
import jorn.say.Wording;

/** How large the squares of a book's first puzzles are, and what is printed in them. */
final class PuzzleFigures {
    private PuzzleFigures() {}

    /** The side of a square and the size of what stands in it; nothing in a book without such puzzles. */
    static List<Figure> of(Book book, Pagination pagination) {
        for (Slot slot : pagination.slots()) {
            Optional<PuzzlePage> page = slot.subjects().get(PuzzlePage.class);
            Optional<Squares> squares =
                    page.flatMap(p -> p.puzzles().get(0).set().making().rules().squares());
            if (squares.filter(Squares::written).isPresent()) {
                Room room = PageRooms.of(book, pagination.marginsFor()).apply(book.runOf(slot));
                return figures(squares.get(), page.get().places(), room);
            }
        }
        return List.of();
    }

    private static List<Figure> figures(Squares squares, int places, Room room) {
        Box area = new Box(0, 0, room.width(), room.height());
        Box face = PuzzlePlaces.of(area, places, room.pitch(), false).get(0).face();
        Box all = PuzzlePlaces.squares(squares, face, room.pitch()).inset(PuzzlePlaces.EDGE);
        boolean wide = all.width() / squares.across() < all.height() / squares.down();
        Figure space = Figure.given(
                "puzzle.room",
                Wording.of(wide ? "brief.puzzles.width" : "brief.puzzles.height"),
                Length.points(wide ? all.width() : all.height()),
                Wording.of("brief.puzzles.to-a-page", places));
        Figure count = Figure.given(
                "puzzle.squares",
                Wording.of("brief.puzzles.squares"),
                Scalar.count(Math.round(wide ? squares.across() : squares.down()), Wording.of("brief.puzzles.squares")),
                Wording.of("brief.puzzles.kind"));
        double side = PuzzlePlaces.side(squares, face, room.pitch());
        Figure square = Figure.computed(
                "puzzle.square",
                Wording.of("brief.puzzles.square"),
                Length.points(side),
                "{puzzle.room} ÷ {puzzle.squares}",
                Wording.of("brief.puzzles.large", PuzzlePlaces.LARGE),
                space,
                count);
        Figure share = Figure.given(
                "puzzle.share",
                Wording.of("brief.puzzles.share"),
                new Scalar(squares.sign() * 100, "%", 0),
                Wording.of("brief.puzzles.drawn"));
        Figure figure = Figure.computed(
                "puzzle.figure",
                Wording.of("brief.puzzles.figure"),
                new Scalar(side * squares.sign(), "pt", 1),
                "{puzzle.square} × {puzzle.share}",
                "",
                square,
                share);
        return List.of(square, figure);
    }
}
