package jorn.layout;

import java.time.LocalDate;
import java.time.Month;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import jorn.art.Frame;
import jorn.art.Palette;
import jorn.art.Picture;
import jorn.art.Side;
import jorn.calendar.CalendarChoice;
import jorn.calendar.Span;
import jorn.content.PartMonth;
import jorn.style.PageStyle;
import jorn.text.Typeface;
import jorn.text.Voice;

/**
 * What flows through a design on one page, and the record of what was read of it. Whatever differs from page to page is noted
 * when it is asked for; so equal art is drawn once without any block declaring what it depends on.
 */
public final class Flow {
    private static final Pattern FIELD = Pattern.compile("\\{([a-z.]+)}");

    private final BookLook book;
    private final PageFacts page;
    private final Frame frame;
    private final Set<Aspect> read;

    private Flow(BookLook book, PageFacts page, Frame frame, Set<Aspect> read) {
        this.book = book;
        this.page = page;
        this.frame = frame;
        this.read = read;
    }

    public Flow(BookLook book, PageFacts page, Frame frame) {
        this(book, page, frame, new LinkedHashSet<>());
    }

    /** What has been read of the page so far. */
    Set<Aspect> read() {
        return read;
    }

    /** Whether what the page is about has been read: its date, its words, anything that a source gave it. */
    public boolean hasReadSubject() {
        return read.stream().anyMatch(a -> switch (a.kind()) {
            case DATE, SUBJECT, PAGE_OF -> true;
            case FIELD -> !a.what().equals(PageFacts.PAGE) && !a.what().equals("run");
            case SIDE, FRAME, PASSING -> false;
        });
    }

    /** The same in colours mixed with the white of the paper. */
    public Flow faded(double opacity) {
        return new Flow(book.faded(opacity), page, frame, read);
    }

    /** The book's typeface for this voice. */
    public Typeface face(Voice voice) {
        return Objects.requireNonNull(book.faces().get(voice));
    }

    public Palette palette() {
        return book.palette();
    }

    /** The book's decisions about dates: its language, its weeks, what is noted on a day. */
    public CalendarChoice calendar() {
        return book.calendar();
    }

    /** How the book's pages are dressed. */
    public PageStyle style() {
        return book.style();
    }

    /** The lines on which everything stands. */
    public Grid grid() {
        return book.grid();
    }

    public List<ContentsEntry> contents() {
        return book.contents();
    }

    public Map<String, Picture> pictures() {
        return book.pictures();
    }

    /** The measured page; noted as read. Ask for less where that does: {@link #gutterAtLeft}. */
    public Frame frame() {
        read.add(Aspect.FRAME);
        return frame;
    }

    /** Whether the spine is at the left of this page; noted as read. */
    public boolean gutterAtLeft() {
        read.add(Aspect.SIDE);
        return frame.gutterAtLeft();
    }

    /** Whether it is a recto or a verso; noted as read. */
    public Side side() {
        read.add(Aspect.SIDE);
        return frame.side();
    }

    /** The first day of what the page stands for, where it is dated; noted as read. */
    public Optional<LocalDate> date() {
        read.add(Aspect.DATE);
        return page.occasion().from();
    }

    /** How long a stretch of the calendar the page stands for; noted as read. */
    public Optional<Span> span() {
        read.add(Aspect.DATE);
        return page.occasion().span();
    }

    /**
     * The month to which the page belongs, where it is dated: that of the part in which it stands; outside of such parts, a week belongs to the month
     * of its fourth day, as ISO 8601 gives it to a year. Noted as read.
     */
    public Optional<Month> month() {
        Optional<Month> part = subject(PartMonth.class).map(PartMonth::month);
        return part.isPresent()
                ? part
                : date().map(d -> span().filter(s -> s == Span.WEEK).isPresent() ? d.plusDays(3) : d)
                        .map(LocalDate::getMonth);
    }

    /** What the page is about, of a type that the block knows; noted as read. */
    public <T> Optional<T> subject(Class<T> type) {
        read.add(new Aspect(Aspect.Kind.SUBJECT, type));
        return page.subjects().get(type);
    }

    /** The page on which a subject stands, to refer or to lead to it; noted as read. */
    public OptionalInt pageOf(Object subject) {
        read.add(new Aspect(Aspect.Kind.PAGE_OF, subject));
        return page.pageOf(subject);
    }

    /** The page number that is printed where a subject stands, to refer to it; noted as read. */
    public Optional<String> folioOf(Object subject) {
        read.add(new Aspect(Aspect.Kind.PAGE_OF, subject));
        return page.folioOf(subject);
    }

    /** Says that what is drawn stands only until something else is ready: it is drawn again the next time. */
    public void passing() {
        read.add(Aspect.PASSING);
    }

    /**
     * What is printed for a text: the words of its key in the book's language, or itself, with its fields filled. An unknown field
     * stays as it is, so that it can be seen and mended.
     */
    public String fill(String given) {
        String text = book.calendar().words(given);
        if (text.indexOf('{') < 0) {
            return text;
        }
        boolean[] lacking = {false};
        String filled = FIELD.matcher(text).replaceAll(m -> {
            Optional<String> words = Optional.ofNullable(book.words().get(m.group(1)));
            if (words.isEmpty()) {
                words = page.field(m.group(1));
                words.ifPresent(w -> read.add(new Aspect(Aspect.Kind.FIELD, m.group(1))));
            }
            lacking[0] |= words.filter(String::isBlank).isPresent();
            return Matcher.quoteReplacement(words.orElse(m.group()));
        });
        // Where a field has no words, no blank is left before the stop that follows it.
        return lacking[0] ? filled.replaceAll("\\h+([.,])", "$1") : filled;
    }
}
