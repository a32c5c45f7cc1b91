package jorn.check;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import jorn.art.Box;
import jorn.art.Mark;
import jorn.art.Marks.Standing;
import jorn.check.Finding.Place;
import jorn.check.Finding.Severity;
import jorn.edition.Edition.Sighting;
import jorn.say.Message;

/**
 * A contents page names the pages on which its lines are found: the page that bears such a number as its folio has the words of the line on it. Read
 * from what is printed, so that lines typed by hand are held against the pages too. A page of four lines or more that end with rising numbers counts
 * as contents. A line is judged only where its words are the head of some page.
 */
final class ContentsRule implements PageRule {
    private static final int LEAST_LINES = 3;
    private static final Pattern LINE = Pattern.compile("^(.*?\\p{L}.*?)[\\s.·…]*\\s(\\d{1,4})$");
    private static final Pattern NUMBER = Pattern.compile("\\d{1,4}");
    /** Words on one line differ in height by less, in points. */
    private static final double SAME_LINE = 2.5;
    /** Heads are at least so large against the smallest words of their page. */
    private static final double MARGIN_SHARE = 0.14;

    /** A line of a contents page. */
    private record Entry(int page, Box at, String words, int folio) {}

    private final List<Entry> entries = new ArrayList<>();
    private final Map<Integer, Integer> pageOfFolio = new HashMap<>();
    private final Map<Integer, String> words = new HashMap<>();
    private final Map<String, List<Integer>> pagesOfHead = new HashMap<>();

    /** Words in one line, from left to right. */
    private record Line(String text, Box at, double size) {}

    @Override
    public void look(Proof proof, Sighting sighting, Consumer<Finding> found) {
        int page = sighting.slot().number();
        List<Line> lines = lines(sighting.standing());
        Box trim = sighting.art().trim();
        List<Entry> here = new ArrayList<>();
        double largest = lines.stream().mapToDouble(Line::size).max().orElse(0);
        for (Line line : lines) {
            boolean outer = line.at().y() > trim.bottom() - trim.height() * MARGIN_SHARE
                    || line.at().bottom() < trim.y() + trim.height() * MARGIN_SHARE;
            if (NUMBER.matcher(line.text()).matches() && outer) {
                pageOfFolio.putIfAbsent(Integer.parseInt(line.text()), page);
            }
            Matcher matcher = LINE.matcher(line.text());
            if (matcher.matches()) {
                here.add(new Entry(page, line.at(), plain(matcher.group(1)), Integer.parseInt(matcher.group(2))));
            }
            if (line.size() >= largest - 0.1 && !line.text().isBlank()) {
                pagesOfHead
                        .computeIfAbsent(plain(line.text()), h -> new ArrayList<>())
                        .add(page);
            }
        }
        boolean rising = true;
        for (int i = 1; i < here.size(); i++) {
            rising &= here.get(i).folio() >= here.get(i - 1).folio();
        }
        if (here.size() >= LEAST_LINES && rising) {
            entries.addAll(here);
        } else {
            words.merge(
                    page, plain(String.join(" ", lines.stream().map(Line::text).toList())), (a, b) -> a + " " + b);
        }
    }

    private static String plain(String text) {
        return text.toLowerCase(Locale.ROOT).replaceAll("[\\s.·…]+", " ").strip();
    }

    /** Words that stand on one line belong together. */
    private static List<Line> lines(List<Standing> standing) {
        List<Standing> all = new ArrayList<>(standing.stream()
                .filter(s -> s.mark() instanceof Mark.Words w && !w.run().text().isBlank())
                .toList());
        all.sort(java.util.Comparator.comparingDouble((Standing s) -> s.bounds().bottom())
                .thenComparingDouble(s -> s.bounds().x()));
        List<Line> lines = new ArrayList<>();
        List<Standing> one = new ArrayList<>();
        for (Standing s : all) {
            if (!one.isEmpty() && s.bounds().bottom() - one.get(0).bounds().bottom() > SAME_LINE) {
                lines.add(line(one));
                one.clear();
            }
            one.add(s);
        }
        if (!one.isEmpty()) {
            lines.add(line(one));
        }
        return lines;
    }

    private static Line line(List<Standing> parts) {
        parts.sort(java.util.Comparator.comparingDouble(s -> s.bounds().x()));
        StringBuilder text = new StringBuilder();
        Box at = parts.get(0).bounds();
        double size = 0;
        for (Standing s : parts) {
            Mark.Words w = (Mark.Words) s.mark();
            text.append(text.isEmpty() ? "" : " ").append(w.run().text().strip());
            at = at.with(s.bounds());
            size = Math.max(size, w.run().size() * s.at().enlarges());
        }
        return new Line(text.toString(), at, size);
    }

    @Override
    public void end(Proof proof, Consumer<Finding> found) {
        for (Entry entry : entries) {
            Optional<Integer> page = Optional.ofNullable(pageOfFolio.get(entry.folio()));
            List<Integer> heads = pagesOfHead.getOrDefault(entry.words(), List.of()).stream()
                    .filter(p -> p != entry.page())
                    .toList();
            boolean there = page.filter(p -> words.getOrDefault(p, "").contains(entry.words()))
                    .isPresent();
            if (heads.isEmpty() || there || page.isEmpty()) {
                continue;
            }
            found.accept(new Finding(
                    "folio.contents",
                    Severity.ERROR,
                    Place.page(entry.page(), entry.at()),
                    Message.of("check.contents.found", entry.words()),
                    Message.of("check.contents.says", entry.folio()),
                    Message.of("check.contents.stands", folioOf(heads.get(0))),
                    Message.of("check.contents.do")));
            return;
        }
    }

    private String folioOf(int page) {
        return pageOfFolio.entrySet().stream()
                .filter(e -> e.getValue() == page)
                .map(e -> String.valueOf(e.getKey()))
                .findFirst()
                .orElse(jorn.say.Wording.of("check.contents.no-folio", page));
    }
}
