package jorn.press;

import java.util.List;
import java.util.Optional;
import jorn.json.Required;
import jorn.measure.Length;
import jorn.measure.Trouble;
import jorn.say.Wording;

/**
 * A binding that a press offers, and what it asks of a book bound so.
 *
 * @param binding which
 * @param pages how many pages it takes
 * @param spineText when text may stand on the spine; absent where it never may
 * @param coverAllowance what the cover itself adds to the spine
 * @param maxThickness the thickest block that can be bound so
 * @param selfCover whether the first and last pages may serve as the cover
 * @param boards measures of a case; needed for case binding, with or without jacket
 * @param flap width of a jacket's flap; needed for a jacket
 * @param strip what must stay clear for the holes; needed for a coil
 * @param word how it is called in a sentence, where another word than the binding's own fits better
 * @param edges the edges at which it may be bound; left and right where absent
 */
public record BindingOffer(
        @Required Binding binding,
        @Required PageRule pages,
        Optional<SpineText> spineText,
        Optional<Length> coverAllowance,
        Optional<Length> maxThickness,
        boolean selfCover,
        Optional<Boards> boards,
        Optional<Length> flap,
        Optional<Length> strip,
        Optional<String> word,
        List<BindingEdge> edges) {
    private static final List<BindingEdge> CUSTOMARY = List.of(BindingEdge.LEFT, BindingEdge.RIGHT);

    public BindingOffer {
        boolean cased = binding == Binding.CASED || binding == Binding.JACKET;
        require(!cased || boards.isPresent(), "boards");
        require(binding != Binding.JACKET || flap.isPresent(), "flap");
        require(binding != Binding.COIL || strip.isPresent(), "strip");
        edges = edges == null || edges.isEmpty() ? CUSTOMARY : List.copyOf(edges);
        if (edges.contains(BindingEdge.HEAD) && binding != Binding.COIL && binding != Binding.LOOSE) {
            throw Trouble.of("press.binding-offer.not-at-head", binding.word());
        }
    }

    /** As it stands in a sentence: "glued". */
    public String inWords() {
        return word.orElse(binding.word());
    }

    /** @throws Trouble where it is not bound at that edge */
    public BindingEdge requireEdge(BindingEdge wanted) {
        if (!edges.contains(wanted)) {
            throw Trouble.of(
                    "press.binding-offer.no-such-edge",
                    inWords(),
                    wanted.word(),
                    String.join(", ", edges.stream().map(BindingEdge::word).toList()));
        }
        return wanted;
    }

    private static void require(boolean given, String field) {
        if (!given) {
            throw Trouble.of("press.binding-offer.binding-lacks-field", field);
        }
    }

    /**
     * The measures of a case.
     *
     * @param overhang how far the boards stand over the block at head, foot and fore-edge
     * @param board thickness of one board
     * @param hinge width of the joint beside the spine, within the panel
     * @param turnIn what is folded over the boards' edges, all round
     * @param around what a jacket needs more on each side for its way round the fore-edge of a board; nothing where absent
     * @param grammage of the boards in g/m²; they are not weighed where absent
     */
    public record Boards(
            @Required Length overhang,
            @Required Length board,
            @Required Length hinge,
            @Required Length turnIn,
            Optional<Length> around,
            Optional<Double> grammage) {
        public Boards {
            around = around == null ? Optional.empty() : around;
            grammage = grammage == null ? Optional.empty() : grammage;
            if (grammage.filter(g -> !(g > 0)).isPresent()) {
                throw Trouble.of("press.binding-offer.boards-weigh-nothing");
            }
        }
    }

    /**
     * @param min fewest pages, from 1
     * @param max most pages
     * @param multiple the page count is rounded up to a multiple of this, from 1
     */
    public record PageRule(@Required int min, @Required int max, @Required int multiple) {
        public PageRule {
            if (min < 1 || max < min || multiple < 1) {
                throw Trouble.of("press.binding-offer.range-pages-multiples-no", min, max, multiple);
            }
        }

        /** The next page count, from this one up, that the press can make; its most is not looked at. */
        public int roundUp(int pages) {
            return Math.max(min, multipleFrom(pages));
        }

        /** The next multiple from this page count up. */
        public int multipleFrom(int pages) {
            return (pages + multiple - 1) / multiple * multiple;
        }

        public boolean takes(int pages) {
            return pages >= min && pages <= max && pages % multiple == 0;
        }

        /** "24 to 828 pages, in twos". */
        public String inWords() {
            return Wording.of("press.binding-offer.pages", min, max, multiple);
        }
    }

    /**
     * @param minPages fewest pages for which text may stand on the spine
     * @param clear what must stay empty on either side of the text
     */
    public record SpineText(@Required int minPages, @Required Length clear) {}
}
