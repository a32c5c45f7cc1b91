package jorn.store;

import java.nio.file.Path;
import java.util.List;
import java.util.function.Consumer;
import jorn.measure.Trouble;
import jorn.style.PageStyle;
import jorn.style.StyleShelf;

/** The user's own styles, one file each in a folder. */
public final class OwnStyles {
    private final ShelfFolder folder;

    public OwnStyles(Path folder) {
        this.folder = new ShelfFolder(folder);
    }

    /**
     * The styles, by name.
     *
     * @param tell hears of those that cannot be read; the others are given all the same
     */
    public List<PageStyle> all(Consumer<Trouble> tell) {
        return folder.all(StyleFile::read, PageStyle::name, tell, "store.own-styles.folder-unreadable");
    }

    /**
     * Keeps a style under a name; one of the same name is replaced.
     *
     * @return the style as it is kept
     */
    public PageStyle keep(PageStyle style, String wanted) {
        String name = ShelfFolder.name(wanted, "store.own-styles.needs-name");
        String id = ShelfFolder.idOf(name, "style", i -> StyleShelf.find(i).isPresent());
        PageStyle own = style.named(id, name);
        StyleFile.write(own, folder.fileFor(id, "store.own-styles.folder-unreadable"));
        return own;
    }

    /** Takes a style away. */
    public void drop(PageStyle style) {
        folder.drop(style.id(), "store.own-styles.cannot-be-deleted", style.name());
    }
}
