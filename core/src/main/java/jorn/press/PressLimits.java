package jorn.press;

import java.util.List;
import java.util.Optional;
import jorn.measure.Trouble;

/**
 * What a press takes no more of, beside the page counts of its bindings.
 *
 * @param pages other page counts for some papers, inks, bindings and trims
 * @param largestFile the largest file in megabytes (of 1,000,000 bytes), above 0; any where absent
 * @param lastPageBlank whether the last page must stay blank, because the press prints a code of its own there
 */
public record PressLimits(List<PageLimit> pages, Optional<Double> largestFile, boolean lastPageBlank) {
    /** Nothing beside. */
    public static final PressLimits NONE = new PressLimits(List.of(), Optional.empty(), false);

    /** What a limit holds for; everything where a field is absent. */
    public record PageLimit(
            Optional<Binding> binding,
            Optional<String> paper,
            Optional<String> ink,
            Optional<String> trim,
            Optional<Integer> min,
            Optional<Integer> max) {
        public PageLimit {
            binding = binding == null ? Optional.empty() : binding;
            paper = paper == null ? Optional.empty() : paper;
            ink = ink == null ? Optional.empty() : ink;
            trim = trim == null ? Optional.empty() : trim;
            min = min == null ? Optional.empty() : min;
            max = max == null ? Optional.empty() : max;
            int least = min.orElse(1);
            if (least < 1 || max.filter(m -> m < least).isPresent() || (min.isEmpty() && max.isEmpty())) {
                throw Trouble.of("press.press-limits.no-limit");
            }
        }

        private boolean holdsFor(Made made) {
            return binding.filter(b -> b != made.binding()).isEmpty()
                    && paper.filter(p -> !p.equals(made.paper())).isEmpty()
                    && ink.filter(i -> !i.equals(made.ink())).isEmpty()
                    && trim.filter(t -> !Optional.of(t).equals(made.trimClass()))
                            .isEmpty();
        }
    }

    /**
     * What is to be made.
     *
     * @param trimClass the class of the trim, where it has one
     */
    public record Made(Binding binding, String paper, String ink, Optional<String> trimClass) {}

    public PressLimits {
        pages = pages == null ? List.of() : List.copyOf(pages);
        largestFile = largestFile == null ? Optional.empty() : largestFile;
        if (largestFile.filter(m -> !(m > 0)).isPresent()) {
            throw Trouble.of("press.press-limits.no-file", largestFile.get());
        }
    }

    /** The page counts that are left of a binding's own. */
    BindingOffer.PageRule narrowed(BindingOffer.PageRule rule, Made made) {
        int min = rule.min();
        int max = rule.max();
        for (PageLimit limit : pages) {
            if (limit.holdsFor(made)) {
                min = Math.max(min, limit.min().orElse(min));
                max = Math.min(max, limit.max().orElse(max));
            }
        }
        return new BindingOffer.PageRule(min, Math.max(min, max), rule.multiple());
    }
}
