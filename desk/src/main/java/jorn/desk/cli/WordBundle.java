package jorn.desk.cli;

import java.util.Collections;
import java.util.Enumeration;
import java.util.ResourceBundle;
import jorn.say.Wording;
import org.jspecify.annotations.Nullable;

/** The words of the tables, as the command line's library asks for them. */
final class WordBundle extends ResourceBundle {
    @Override
    protected @Nullable Object handleGetObject(String key) {
        return Wording.find(key).orElse(null);
    }

    @Override
    public Enumeration<String> getKeys() {
        return Collections.emptyEnumeration();
    }
}
