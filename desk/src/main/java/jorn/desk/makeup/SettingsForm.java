package jorn.desk.makeup;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.control.Button;
import jorn.art.Picture;
import jorn.book.Book;
import jorn.desk.view.Slip;
import jorn.layout.PartSettings;
import jorn.layout.Setting;
import jorn.measure.Unit;
import jorn.say.Wording;

/** Puts the settings of a part, or of anything made like one, on a slip. */
final class SettingsForm {
    private final Slip slip;
    private final Unit unit;
    private final Map<String, Picture> pictures;
    private final String language;
    private final Consumer<Consumer<Picture>> bringIn;

    /**
     * @param book whose pictures are chosen from, in whose language words are shown
     * @param bringIn asks for a picture's file, brings it into the book and then hands it over
     */
    SettingsForm(Slip slip, Unit unit, Book book, Consumer<Consumer<Picture>> bringIn) {
        this.slip = slip;
        this.unit = unit;
        this.pictures = book.pictures();
        this.language = book.calendar().language();
        this.bringIn = bringIn;
    }

    /**
     * Shows all settings.
     *
     * @param prefix of the fields' ids
     * @param take hears of the part with one setting changed
     */
    <T> void show(String prefix, T part, List<Setting> settings, Consumer<T> take) {
        for (Setting each : settings) {
            Setting s = each.in(language);
            show(prefix + s.id().replace('.', '-'), s, value -> take.accept(PartSettings.with(part, s.id(), value)));
        }
    }

    private void show(String id, Setting s, Consumer<Object> take) {
        switch (s.kind()) {
            case SWITCH -> slip.toggle(s.name(), id, (Boolean) s.value(), () -> take.accept(!(Boolean) s.value()));
            case CHOICE -> choice(id, s, take);
            case PICTURE -> picture(id, s, take);
            case WORDS -> words(id, s, take);
            default -> slip.field(s.name(), id, s.written(unit), help(s), text -> take.accept(s.read(text, unit)));
        }
    }

    private void words(String id, Setting s, Consumer<Object> take) {
        if (s.id().equals("text")) {
            slip.area(
                    s.name(),
                    id,
                    s.written(unit),
                    Wording.of("desk.settings-form.may-hold-fields"),
                    2,
                    text -> take.accept(s.read(text, unit)));
        } else {
            slip.field(s.name(), id, s.written(unit), help(s), text -> take.accept(s.read(text, unit)));
        }
    }

    private static String help(Setting s) {
        String what =
                switch (s.kind()) {
                    case LENGTH -> Wording.of("desk.settings-form.length-such-mm-or");
                    case TYPE_SIZE -> Wording.of("desk.settings-form.type-measured-points-pt");
                    case WEIGHT -> Wording.of("desk.settings-form.thickness-points-under-pt");
                    case PER_CENT -> Wording.of("desk.settings-form.full-strength");
                    case WORD_LIST -> Wording.of("desk.settings-form.separated-by-commas");
                    case NUMBER_LIST -> Wording.of("desk.settings-form.numbers-separated-by-semicolons");
                    case WORDS -> Wording.of("desk.settings-form.words-may-hold-fields");
                    default -> Wording.of("desk.settings-form.number");
                };
        return s.mayBeEmpty() ? Wording.of("desk.settings-form.may-empty", what) : what;
    }

    private void choice(String id, Setting s, Consumer<Object> take) {
        List<Button> words = new ArrayList<>();
        for (int i = 0; i < s.options().size(); i++) {
            Setting.Option o = s.options().get(i);
            words.add(slip.word(
                    o.word(),
                    id + "-" + i,
                    s.name() + ": " + o.word() + ".",
                    s.isNow(o),
                    () -> take.accept(s.mayBeEmpty() ? Optional.of(o.value()) : o.value())));
        }
        slip.words(s.name(), words);
    }

    private void picture(String id, Setting s, Consumer<Object> take) {
        String now = s.written(unit);
        List<Button> words = new ArrayList<>();
        if (s.mayBeEmpty()) {
            words.add(slip.word(
                    Wording.of("desk.settings-form.none"),
                    id + "-none",
                    Wording.of("desk.settings-form.no-picture"),
                    now.isEmpty(),
                    () -> take.accept(Optional.empty())));
        }
        for (Picture p : pictures.values()) {
            String name = p.isMissing() ? Wording.of("desk.settings-form.missing", p.name()) : p.name();
            words.add(slip.word(
                    name,
                    id + "-" + p.id(),
                    Wording.of("desk.settings-form.picture-book"),
                    p.id().equals(now),
                    () -> give(s, p, take)));
        }
        words.add(slip.word(
                Wording.of("desk.settings-form.file"),
                id + "-file",
                Wording.of("desk.settings-form.choose-png-or-jpeg"),
                false,
                () -> bringIn.accept(p -> give(s, p, take))));
        slip.words(s.name(), words);
    }

    private static void give(Setting s, Picture p, Consumer<Object> take) {
        take.accept(s.mayBeEmpty() ? Optional.of(p.id()) : p.id());
    }
}
