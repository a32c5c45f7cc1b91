package jorn.impose;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.IntStream;
import jorn.measure.Trouble;

/**
 * Pages as people say them: {@code 1-10, 15, 20-} (to the last), {@code -5} (from the first), {@code 9-1} (backwards), {@code odd}, {@code even},
 * {@code last}, {@code all}.
 */
public final class PageRanges {
    private static final int MOST = 200_000;

    private PageRanges() {}

    /**
     * Every range for itself.
     *
     * @param count how many pages there are
     * @return pages from 1, as they were said
     * @throws Trouble where it says no pages, or such as there are not
     */
    public static List<List<Integer>> each(String text, int count) {
        List<List<Integer>> all = new ArrayList<>();
        int sum = 0;
        for (String part : text.toLowerCase(Locale.ROOT).split("[,;]")) {
            if (!part.isBlank()) {
                List<Integer> pages = range(part.replaceAll("\\s+", ""), text, count);
                sum += pages.size();
                if (sum > MOST) {
                    throw Trouble.of("impose.refused.ranges-too-many", text, MOST);
                }
                all.add(pages);
            }
        }
        if (all.isEmpty()) {
            throw Trouble.of("impose.refused.ranges", text, count);
        }
        return all;
    }

    /** All pages together, in the order in which they are said. */
    public static List<Integer> of(String text, int count) {
        return each(text, count).stream().flatMap(List::stream).toList();
    }

    /** Pages as they would be said: three and more that follow each other, or lead back, become one range. */
    public static String said(List<Integer> pages) {
        List<String> all = new ArrayList<>();
        int i = 0;
        while (i < pages.size()) {
            int first = pages.get(i);
            int step = i + 1 < pages.size() && pages.get(i + 1) == first - 1 ? -1 : 1;
            int end = i;
            while (end + 1 < pages.size() && pages.get(end + 1) == pages.get(end) + step) {
                end++;
            }
            if (end - i < 2) {
                end = i;
                all.add(Integer.toString(first));
            } else {
                all.add(first + "-" + pages.get(end));
            }
            i = end + 1;
        }
        return String.join(", ", all);
    }

    private static List<Integer> range(String part, String text, int count) {
        switch (part) {
            case "all" -> {
                return IntStream.rangeClosed(1, count).boxed().toList();
            }
            case "odd" -> {
                return IntStream.rangeClosed(1, count)
                        .filter(p -> p % 2 == 1)
                        .boxed()
                        .toList();
            }
            case "even" -> {
                return IntStream.rangeClosed(1, count)
                        .filter(p -> p % 2 == 0)
                        .boxed()
                        .toList();
            }
            default -> {
                // Numbers.
            }
        }
        String[] ends = part.replace('–', '-').split("-", -1);
        if (ends.length > 2 || (ends.length == 2 && ends[0].isEmpty() && ends[1].isEmpty())) {
            throw Trouble.of("impose.refused.ranges", text, count);
        }
        int from = page(ends[0], 1, text, count);
        int to = ends.length == 1 ? from : page(ends[1], count, text, count);
        return from <= to
                ? IntStream.rangeClosed(from, to).boxed().toList()
                : IntStream.iterate(from, p -> p >= to, p -> p - 1).boxed().toList();
    }

    private static int page(String said, int otherwise, String text, int count) {
        if (said.isEmpty()) {
            return otherwise;
        }
        if (said.equals("last")) {
            return count;
        }
        if (!said.matches("\\d{1,9}")) {
            throw Trouble.of("impose.refused.ranges", text, count);
        }
        int page = Integer.parseInt(said);
        if (page < 1 || page > count) {
            throw Trouble.of("impose.refused.no-such-page", page, count);
        }
        return page;
    }
}
