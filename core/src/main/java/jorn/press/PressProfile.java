package jorn.press;

import com.fasterxml.jackson.annotation.JsonValue;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;
import java.util.zip.CRC32;
import jorn.json.Json;
import jorn.json.Required;
import jorn.measure.Length;
import jorn.measure.Size;
import jorn.measure.Trouble;
import jorn.measure.Unit;
import jorn.say.Wording;

/**
 * Everything Jorn knows of one press. It is data, made up or typed by the user, never the word of a real company: whoever
 * prints compares it with what their own press publishes today.
 *
 * @param format version of the file's format, 1 or 2; files of format 1 lack what came with 2
 * @param id short and lasting: {@code online}
 * @param name the profile's name, made up
 * @param about what kind of press this is, in a sentence
 * @param verify what the user should compare with the press's own word
 * @param verified when that was last done, or empty
 * @param trims trim sizes offered
 * @param customTrim the range for other sizes, where the press takes any
 * @param papers in the order in which they are offered
 * @param inks likewise
 * @param bindings likewise
 * @param bleed on inside pages
 * @param margins the least allowed
 * @param cover how the cover is wanted
 * @param resolution in pixels per inch, for pictures and for the cover's size in pixels
 * @param markets where it sells, may be empty
 * @param insideCover whether the inside of the cover can be printed
 * @param duplex how both sides of a sheet get printed: automatic, or by turning the stack
 * @param sheets sheets from which smaller books are cut, may be empty
 * @param pdf what kind of PDF it takes; an ordinary one where absent
 * @param version of the numbers, such as the month in which they were compared; empty where none is given
 * @param trimClasses larger trims that cost more, the largest last
 * @param limits what it takes no more of
 * @param finishes films that it lays over a cover, its first choice first; none where absent
 */
@RecordBuilder
public record PressProfile(
        @Required int format,
        @Required String id,
        @Required String name,
        @Required String about,
        @Required String verify,
        Optional<String> verified,
        @Required List<Size> trims,
        Optional<TrimRange> customTrim,
        @Required List<PaperStock> papers,
        @Required List<InkSet> inks,
        @Required List<BindingOffer> bindings,
        @Required Bleed bleed,
        @Required Margins margins,
        @Required CoverRule cover,
        @Required int resolution,
        List<Market> markets,
        boolean insideCover,
        Optional<Duplex> duplex,
        List<CutSheet> sheets,
        Optional<PdfRule> pdf,
        String version,
        List<TrimClass> trimClasses,
        PressLimits limits,
        List<Finish> finishes)
        implements PressProfileBuilder.With {

    /** How both sides of a sheet get printed. */
    public enum Duplex {
        AUTOMATIC("automatic"),
        /** First all odd sides, then the stack is turned over, then all even sides. */
        MANUAL("manual");

        private final String id;

        Duplex(String id) {
            this.id = id;
        }

        @JsonValue
        public String id() {
            return id;
        }
    }

    /**
     * A sheet from which several pages are cut.
     *
     * @param sheet its size
     * @param up how many pages stand on one side of it, from 1
     */
    public record CutSheet(@Required Size sheet, @Required int up) {
        /** More than sixteen pages on one side of a sheet are no book's. */
        private static final int MOST = 16;

        /** A page is as large as a place on a sheet where it is larger by less, in points: half a millimetre. */
        private static final double SLACK = 1.5;

        /**
         * How many pages of a size stand on one side of it, turned whichever way holds more.
         *
         * @return from 0, where not one does, to as many as the press lays
         */
        public int holding(Size page) {
            return Math.min(up, Math.max(across(sheet, page), across(sheet.turned(), page)));
        }

        private static int across(Size sheet, Size page) {
            return count(sheet.width(), page.width()) * count(sheet.height(), page.height());
        }

        private static int count(Length room, Length each) {
            return (int) Math.floor((room.points() + SLACK) / each.points());
        }

        /** How much of a sheet is left when pages of a size are cut from it, as a share; 1 where none fits. */
        public double waste(Size page) {
            double each = page.width().points() * page.height().points();
            return 1
                    - holding(page)
                            * each
                            / (sheet.width().points() * sheet.height().points());
        }

        public CutSheet {
            if (up < 1 || up > MOST) {
                throw Trouble.of("press.press-profile.no-such-sheet", up, MOST);
            }
        }
    }

    /** The newest format that this version of Jorn reads. */
    public static final int FORMAT = 2;

    /** Least and largest trim size. */
    public record TrimRange(@Required Size min, @Required Size max) {
        boolean holds(Size trim) {
            return trim.width().compareTo(min.width()) >= 0
                    && trim.height().compareTo(min.height()) >= 0
                    && trim.width().compareTo(max.width()) <= 0
                    && trim.height().compareTo(max.height()) <= 0;
        }
    }

    public PressProfile {
        if (format > FORMAT) {
            throw Trouble.of("press.press-profile.format-jorn-reads-up", format, FORMAT);
        }
        if (!id.matches("[a-z0-9][a-z0-9-]{0,39}")) {
            throw Trouble.of("press.press-profile.no-id", id);
        }
        if (name.isBlank()) {
            throw Trouble.of("press.press-profile.no-name");
        }
        if (resolution < 72 || resolution > 2400) {
            throw Trouble.of("press.press-profile.resolution-out-range", resolution);
        }
        trims = filled(trims, "trims");
        papers = filled(papers, "papers");
        inks = filled(inks, "inks");
        List<String> inkIds = inks.stream().map(InkSet::id).toList();
        bindings = filled(bindings, "bindings");
        markets = markets == null ? List.of() : List.copyOf(markets);
        sheets = sheets == null ? List.of() : List.copyOf(sheets);
        version = version == null ? "" : version.strip();
        trimClasses = trimClasses == null ? List.of() : List.copyOf(trimClasses);
        limits = limits == null ? PressLimits.NONE : limits;
        finishes = finishes == null ? List.of() : List.copyOf(finishes);
        List<String> classIds = trimClasses.stream().map(TrimClass::id).toList();
        inks.stream()
                .flatMap(i -> i.plainAs().stream())
                .filter(plain -> !inkIds.contains(plain))
                .findFirst()
                .ifPresent(plain -> {
                    throw Trouble.of("press.press-profile.no-plain-ink", plain, String.join(", ", inkIds));
                });
        int least = bindings.stream().mapToInt(b -> b.pages().min()).min().orElse(1);
        int most = bindings.stream().mapToInt(b -> b.pages().max()).max().orElse(1);
        markets.forEach(m -> m.requireCostsFor(least, most));
        for (Market market : markets) {
            for (CostRule cost : market.costs()) {
                if (!inkIds.contains(cost.ink())) {
                    throw Trouble.of("press.press-profile.market-has-cost-for", market.id(), cost.ink());
                }
                if (cost.trim().filter(t -> !classIds.contains(t)).isPresent()) {
                    throw Trouble.of(
                            "press.press-profile.no-trim-class",
                            market.id(),
                            cost.trim().get());
                }
            }
        }
        if (cover.delivery() == CoverRule.Delivery.FIXED && cover.sheet().isEmpty()) {
            throw Trouble.of("press.press-profile.cover-delivered-on-fixed");
        }
    }

    /** The paper of this id. */
    public Optional<PaperStock> paper(String wanted) {
        return papers.stream().filter(p -> p.id().equals(wanted)).findFirst();
    }

    public Optional<InkSet> ink(String wanted) {
        return inks.stream().filter(i -> i.id().equals(wanted)).findFirst();
    }

    public Optional<BindingOffer> offer(Binding wanted) {
        return bindings.stream().filter(b -> b.binding() == wanted).findFirst();
    }

    /** Whether the press makes books of this size. */
    public boolean takes(Size trim) {
        return trims.stream().anyMatch(t -> t.isAbout(trim))
                || customTrim.filter(r -> r.holds(trim)).isPresent();
    }

    /** The offered trim whose sides differ least from this one's. */
    public Size nearestTrim(Size trim) {
        return trims.stream()
                .min(java.util.Comparator.comparingDouble(t -> Math.hypot(
                        t.width().points() - trim.width().points(),
                        t.height().points() - trim.height().points())))
                .orElseThrow();
    }

    /** @throws Trouble that names the nearest size that the press has */
    public void requireTrim(Size trim) {
        if (!takes(trim)) {
            Unit unit = trim.width().written().endsWith("mm") ? Unit.MILLIMETRE : Unit.INCH;
            String range = customTrim
                    .map(r -> Wording.of(
                            "press.press-profile.takes",
                            r.min().format(unit),
                            r.max().format(unit)))
                    .orElse("");
            throw Trouble.of(
                    "press.press-profile.does-not-make-books",
                    name,
                    trim.format(unit),
                    range,
                    nearestTrim(trim).format(unit));
        }
    }

    /** @throws Trouble naming the papers that the press has */
    public PaperStock requirePaper(String wanted) {
        return paper(wanted).orElseThrow(() -> notHad("paper", wanted, papers, PaperStock::id));
    }

    /** @throws Trouble naming the inks that the press has */
    public InkSet requireInk(String wanted) {
        return ink(wanted).orElseThrow(() -> notHad("ink", wanted, inks, InkSet::id));
    }

    /** @throws Trouble naming the bindings that the press has */
    public BindingOffer requireBinding(Binding wanted) {
        return offer(wanted)
                .orElseThrow(() -> notHad(
                        "binding", wanted.id(), bindings, b -> b.binding().id()));
    }

    /** Bleed of an inside page at the spine's side. */
    public Length bleedAtSpine() {
        return bleed.sides() == Bleed.Sides.FOUR ? bleed.width() : Length.ZERO;
    }

    /** The market of this id. */
    public Optional<Market> market(String wanted) {
        return markets.stream().filter(m -> m.id().equals(wanted)).findFirst();
    }

    /** @throws Trouble naming the markets that the press sells in */
    public Market requireMarket(String wanted) {
        return market(wanted).orElseThrow(() -> notHad("market", wanted, markets, Market::id));
    }

    /** @throws Trouble naming the finishes that the press has */
    public Finish requireFinish(Finish wanted) {
        if (!finishes.contains(wanted)) {
            throw finishes.isEmpty()
                    ? Trouble.of("press.press-profile.no-finish-at-all", name)
                    : Trouble.of(
                            "press.press-profile.no-such-finish",
                            name,
                            wanted.word(),
                            String.join(
                                    ", ", finishes.stream().map(Finish::word).toList()));
        }
        return wanted;
    }

    /** The class of a trim; nothing for ordinary ones. */
    public Optional<String> trimClass(Size trim) {
        return trimClasses.stream()
                .filter(c -> c.holds(trim))
                .map(TrimClass::id)
                .reduce((smaller, larger) -> larger);
    }

    /** How many pages it binds in a book that is made so. */
    public BindingOffer.PageRule pages(Binding binding, String paper, String ink, Size trim) {
        return limits.narrowed(
                requireBinding(binding).pages(), new PressLimits.Made(binding, paper, ink, trimClass(trim)));
    }

    /** Tells whether it is still the same: its version, and a checksum of all that it says. */
    public String mark() {
        CRC32 sum = new CRC32();
        sum.update(Json.write(withVerified(Optional.empty())));
        return version + "#" + Long.toHexString(sum.getValue());
    }

    /** The same profile under another id and name, as the user's own. */
    public PressProfile copyAs(String newId, String newName) {
        return withId(newId).withName(newName).withVerified(Optional.empty());
    }

    private <T> Trouble notHad(String what, String wanted, List<T> has, Function<T, String> id) {
        return Trouble.of(
                "press.press-profile.has-no",
                name,
                what,
                wanted,
                String.join(", ", has.stream().map(id).toList()));
    }

    private static <T> List<T> filled(List<T> list, String field) {
        if (list.isEmpty() || list.stream().anyMatch(Objects::isNull)) {
            throw Trouble.of("press.press-profile.empty", field);
        }
        return List.copyOf(list);
    }
}
