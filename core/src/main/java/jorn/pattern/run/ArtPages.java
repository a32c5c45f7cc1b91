package jorn.pattern.run;

import com.fasterxml.jackson.annotation.JsonIgnore;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import jorn.content.Batch;
import jorn.content.Request;
import jorn.content.Source;
import jorn.json.Required;
import jorn.measure.Trouble;

/**
 * Drawings of the user's own, one to a page, each with a back.
 *
 * @param items in order, 1 to 500
 * @param back what stands on their backs
 */
@RecordBuilder
public record ArtPages(@Required List<ArtItem> items, Patterns.Back back) implements Source, ArtPagesBuilder.With {
    public ArtPages {
        items = List.copyOf(items);
        back = back == null ? Patterns.Back.BLANK : back;
        if (items.isEmpty() || items.size() > Patterns.MOST) {
            throw Trouble.of("pattern.refused.count-out-of-range", items.size(), Patterns.MOST);
        }
    }

    @Override
    public List<Batch> batches(Request request) {
        List<ArtSheet> sheets = new ArrayList<>();
        for (int i = 0; i < items.size(); i++) {
            sheets.add(new ArtSheet(items.get(i), i + 1));
        }
        return back.behind(sheets, request.subjects());
    }

    @Override
    @JsonIgnore
    public Opening opening() {
        return back == Patterns.Back.NONE ? Opening.ANYWHERE : Opening.RECTO;
    }
}
