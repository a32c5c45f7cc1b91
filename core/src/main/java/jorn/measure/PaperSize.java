package jorn.measure;

import java.util.Optional;
import jorn.say.Wording;

/** Sheets that have a name. The A and B series are those of ISO 216. */
public enum PaperSize {
    A3("A3", 297, 420, Unit.MILLIMETRE),
    A4("A4", 210, 297, Unit.MILLIMETRE),
    A5("A5", 148, 210, Unit.MILLIMETRE),
    A6("A6", 105, 148, Unit.MILLIMETRE),
    B5("B5", 176, 250, Unit.MILLIMETRE),
    B6("B6", 125, 176, Unit.MILLIMETRE),
    LETTER("letter", 8.5, 11, Unit.INCH),
    HALF_LETTER(Wording.of("measure.paper-size.half-letter"), 5.5, 8.5, Unit.INCH),
    TABLOID("tabloid", 11, 17, Unit.INCH);

    private final String id;
    private final Size size;
    private final boolean iso;

    PaperSize(String id, double width, double height, Unit unit) {
        this.id = id;
        this.size = Size.of(width, height, unit);
        this.iso = unit == Unit.MILLIMETRE;
    }

    public String id() {
        return id;
    }

    public Size size() {
        return size;
    }

    /** Whether this sheet is one of ISO 216. */
    public boolean isIso() {
        return iso;
    }

    /** The sheet of this name, however it is spelled: "A5", "a5", "Half-Letter". */
    public static Optional<PaperSize> named(String name) {
        String wanted = squeeze(name);
        for (PaperSize sheet : values()) {
            if (squeeze(sheet.id).equals(wanted)) {
                return Optional.of(sheet);
            }
        }
        return Optional.empty();
    }

    /** The sheet that has this size, upright. */
    public static Optional<PaperSize> of(Size size) {
        for (PaperSize sheet : values()) {
            if (sheet.size.isAbout(size)) {
                return Optional.of(sheet);
            }
        }
        return Optional.empty();
    }

    private static String squeeze(String name) {
        return name.replaceAll("[\\s_-]", "").toLowerCase(java.util.Locale.ROOT);
    }
}
