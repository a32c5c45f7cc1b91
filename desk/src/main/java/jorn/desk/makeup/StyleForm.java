package jorn.desk.makeup;

import java.util.function.Function;
import jorn.desk.model.BookFiles;
import jorn.desk.model.Desk;
import jorn.desk.view.Labels;
import jorn.desk.view.Slip;
import jorn.layout.PartSettings;
import jorn.say.Wording;
import jorn.store.OwnStyles;
import jorn.store.StyleFile;
import jorn.style.PageStyle;
import jorn.style.RuleSet;

/** The style that the book wears, open to be changed, kept under a name and written to a file. */
final class StyleForm extends Slip {
    private final Desk desk;
    private final SettingsForm form;
    private final Runnable changed;
    private final Runnable unfolded;
    private boolean open;

    /**
     * @param changed hears when the shelf has to be shown anew
     * @param unfolded hears that the settings were opened
     */
    StyleForm(Desk desk, BookFiles files, OwnStyles own, Runnable changed, Runnable unfolded) {
        super("");
        this.desk = desk;
        this.changed = changed;
        this.unfolded = unfolded;
        this.form = new SettingsForm(this, desk.unit().get(), desk.book(), files::bringInPicture);
        PageStyle now = desk.book().style();
        words(
                Wording.of("desk.style.this-style", now.called()),
                java.util.List.of(
                        deed(
                                Wording.of("desk.style.change-a-copy"),
                                "style-change",
                                Wording.of("desk.style.change-a-copy-help"),
                                this::unfold),
                        deed(
                                Wording.of("desk.style.write-to-file"),
                                "style-write",
                                Wording.of("desk.style.write-to-file-help"),
                                () -> files.asker()
                                        .whereToSaveDesign(now.id() + ".json")
                                        .ifPresent(path ->
                                                StyleFile.write(desk.book().style(), path)))));
        field(Wording.of("desk.style.keep-as"), "style-keep", "", Wording.of("desk.style.keep-as-help"), name -> {
            if (!name.isBlank()) {
                PageStyle kept = own.keep(desk.book().style(), name);
                desk.change("style", b -> b.withLook(b.look().withStyle(java.util.Optional.of(kept))));
                changed.run();
            }
        });
    }

    void unfold() {
        if (open) {
            return;
        }
        open = true;
        unfolded.run();
        PageStyle s = desk.book().style();
        section("style.label.head", "style-head-", s.head(), h -> s().withHead(h));
        RuleSet lines = s.lines();
        section("style.label.writing", "style-writing-", lines.writing(), r -> s().withLines(
                        s().lines().withWriting(r)));
        section("style.label.frame", "style-frame-", lines.frame(), r -> s().withLines(
                        s().lines().withFrame(r)));
        section("style.label.head-rule", "style-rule-", lines.head(), r -> s().withLines(
                        s().lines().withHead(r)));
        section("style.label.boxes", "style-boxes-", s.boxes(), b -> s().withBoxes(b));
        section("style.label.days", "style-days-", s.days(), d -> s().withDays(d));
        section("style.label.details", "style-details-", s.details(), d -> s().withDetails(d));
    }

    private PageStyle s() {
        return desk.book().style();
    }

    private <T> void section(String name, String id, T part, Function<T, PageStyle> with) {
        add(Labels.label(Wording.of(name), "group-name"));
        form.show(id, part, PartSettings.of(part), changedPart -> {
            PageStyle next = with.apply(changedPart);
            desk.change("style", b -> b.withLook(b.look().withStyle(java.util.Optional.of(next))));
            changed.run();
        });
    }
}
