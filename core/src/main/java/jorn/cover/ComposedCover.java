package jorn.cover;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import jorn.art.Box;
import jorn.art.Mark;
import jorn.art.Reading;
import jorn.art.Turn;
import jorn.book.Book;
import jorn.book.PartEdit;
import jorn.book.Share;
import jorn.cover.CoverGeometry.CoverSheet;
import jorn.cover.part.CoverWords;
import jorn.layout.BookLook;
import jorn.layout.Flow;
import jorn.layout.Node;
import jorn.layout.PageFacts;

/** Places the parts of a composition on the panels of one cover. */
final class ComposedCover {
    private static final double EDGE = 0.0005;

    private final Book book;
    private final BookLook look;
    private final CoverGeometry geometry;
    private final InsidePages insides;
    private final List<ComposedPart> parts;
    private final CoverColours colours;

    /**
     * A part where it stands.
     *
     * @param at in points from its panel's corner
     */
    record Standing(ComposedPart part, Box at, PartEdit edit) {}

    ComposedCover(Book book, BookLook look, CoverGeometry geometry, InsidePages insides) {
        this.book = book;
        this.look = look;
        this.geometry = geometry;
        this.insides = insides;
        // One that this version does not know looks like a label, so that the book can be opened.
        String id = book.cover().plan().orElseThrow().composition();
        this.parts = Compositions.parts(Compositions.of(Compositions.knows(id) ? id : "label"));
        this.colours = CoverColours.of(book);
    }

    private boolean isMirrored() {
        return book.brief().reading() == Reading.RIGHT_TO_LEFT;
    }

    /**
     * The parts on a panel.
     *
     * @param panel its finished part from its own corner
     * @param face where parts are placed, from the panel's corner
     * @param outer how far it may go beyond the panel: top, right, bottom, left
     */
    List<Standing> standing(PartPlace on, Box panel, Box face, double[] outer) {
        List<Standing> all = new ArrayList<>();
        for (ComposedPart part : parts) {
            PartEdit edit = book.cover().plan().orElseThrow().edit(part.id());
            if (part.on() == on && !edit.isHidden()) {
                Share own = edit.at().orElseGet(() -> isMirrored() ? mirrored(part.at()) : part.at());
                all.add(new Standing(part, place(part, own, panel, face, outer), edit));
            }
        }
        return book.subtitle().isBlank()
                ? all.stream().map(s -> withRoomBelow(s, all)).toList()
                : all;
    }

    /** A title without a subtitle has the subtitle's room too, so that it stays in the middle of its label. */
    private static Standing withRoomBelow(Standing own, List<Standing> all) {
        boolean title = own.part().id().equals("title")
                && own.edit().at().isEmpty()
                && own.part().part() instanceof CoverWords l
                && l.takesRoomBelow();
        return !title
                ? own
                : all.stream()
                        .filter(s -> s.part().id().equals("subtitle")
                                && s.at().y() >= own.at().bottom() - 1
                                && s.at().y() - own.at().bottom() < own.at().height() * 0.35)
                        .findFirst()
                        .map(s -> new Standing(
                                own.part(),
                                Box.between(own.at().x(), own.at().y(), own.at().right(), s.at().bottom()),
                                own.edit()))
                        .orElse(own);
    }

    private static Share mirrored(Share at) {
        return new Share(1 - at.x() - at.w(), at.y(), at.w(), at.h());
    }

    /** What touches an edge of its panel goes on to the end of the bleed there, and over a hinge to the spine. */
    private static Box place(ComposedPart part, Share at, Box panel, Box face, double[] outer) {
        Box box = at.of(face);
        if (!part.part().runsOff()) {
            return box;
        }
        double left = at.x() <= EDGE ? panel.x() - outer[3] : box.x();
        double top = at.y() <= EDGE ? panel.y() - outer[0] : box.y();
        double right = at.x() + at.w() >= 1 - EDGE ? panel.right() + outer[1] : box.right();
        double bottom = at.y() + at.h() >= 1 - EDGE ? panel.bottom() + outer[2] : box.bottom();
        return Box.between(left, top, right, bottom);
    }

    /** What draws the parts of a panel. */
    Node node(List<Standing> standing, Box panel, Kinds kinds) {
        return new Scene(standing, panel, kinds);
    }

    /** Which parts are drawn. */
    enum Kinds {
        ALL,
        /** Without the small pictures of pages, whose letters are not judged. */
        AT_SIZE,
        /** Without words: what lies behind them. */
        BEHIND_WORDS;

        boolean takes(CoverBlock part) {
            return switch (this) {
                case ALL -> true;
                case AT_SIZE -> !part.isMiniature();
                case BEHIND_WORDS -> !part.isLettered();
            };
        }
    }

    private final class Scene implements Node {
        private final List<Standing> standing;
        private final Box panel;
        private final Kinds kinds;

        private Scene(List<Standing> standing, Box panel, Kinds kinds) {
            this.standing = standing;
            this.panel = panel;
            this.kinds = kinds;
        }

        @Override
        public void draw(Box area, Flow flow, List<Mark> out) {
            CoverStage stage = new CoverStage(
                    book, flow, colours, insides, panel, geometry.front().height());
            for (Standing each : standing) {
                if (kinds.takes(each.part().part())) {
                    ComposedCover.draw(each, stage, out);
                }
            }
        }

        @Override
        public double naturalHeight(double width, Flow flow) {
            return 0;
        }

        @Override
        public Set<String> pictures() {
            return book.cover()
                    .plan()
                    .flatMap(p -> p.picture())
                    .map(p -> Set.of(p.picture()))
                    .orElse(Set.of());
        }
    }

    private static void draw(Standing each, CoverStage stage, List<Mark> out) {
        double turn = each.edit().turn().orElse(each.part().turn());
        if (turn == 0) {
            each.part().part().draw(each.at(), each.edit(), stage, out);
            return;
        }
        List<Mark> inside = new ArrayList<>();
        each.part().part().draw(each.at(), each.edit(), stage, inside);
        if (!inside.isEmpty()) {
            out.add(new Mark.Turned(Turn.about(each.at().centreX(), each.at().centreY(), turn), inside));
        }
    }

    /** The words of one part as they would be drawn alone, to be measured. */
    List<Mark> alone(Standing each, Box panel, jorn.layout.Surface surface) {
        Flow flow = new Flow(look, PageFacts.NONE, surface.frame());
        List<Mark> out = new ArrayList<>();
        draw(
                each,
                new CoverStage(
                        book, flow, colours, insides, panel, geometry.front().height()),
                out);
        return out;
    }

    /** How far the sheet goes on beyond its finished part, all round. */
    static double outer(CoverSheet sheet) {
        return sheet.trim().x() - sheet.bled().x();
    }
}
