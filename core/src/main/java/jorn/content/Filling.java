package jorn.content;

import java.util.List;

/** The pages that the other runs leave of the wanted count, at least one. */
public record Filling() implements Source {
    @Override
    public List<Batch> batches(Request request) {
        return List.of(Batch.of(request.subjects(), Math.max(1, request.filling())));
    }

    @Override
    public boolean isFilling() {
        return true;
    }
}
