package jorn.code;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Where the hyphens of an ISBN stand: the lengths of group and registrant follow from the ranges that the International ISBN Agency
 * publishes. The file {@code isbn-ranges.txt} says where it comes from and under which licence.
 */
final class IsbnRanges {
    private static final int PREFIX = 3;
    private static final int LONGEST_GROUP = 5;
    private static final int BEFORE_CHECK = 12;

    /** A stretch of registrants; both ends have as many figures as its numbers. */
    private record Range(String from, String to) {
        boolean holds(String rest) {
            if (rest.length() < from.length()) {
                return false;
            }
            String own = rest.substring(0, from.length());
            return own.compareTo(from) >= 0 && own.compareTo(to) <= 0;
        }
    }

    private record Group(String prefix, String number, String area, List<Range> ranges) {}

    private static final Map<String, Group> GROUPS = load();

    private IsbnRanges() {}

    private static Map<String, Group> load() {
        Map<String, Group> all = new HashMap<>();
        try (InputStream in = IsbnRanges.class.getResourceAsStream("isbn-ranges.txt")) {
            new String(in.readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .filter(l -> !l.startsWith("#") && !l.isBlank())
                    .map(IsbnRanges::group)
                    .forEach(g -> all.put(g.prefix + g.number, g));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return Map.copyOf(all);
    }

    private static Group group(String line) {
        String[] parts = line.split("\\|", -1);
        List<Range> ranges = new ArrayList<>();
        for (String each : parts[2].split(",", -1)) {
            if (!each.isEmpty()) {
                String[] ends = each.split("-", -1);
                ranges.add(new Range(ends[0], ends[1]));
            }
        }
        String[] name = parts[0].split("-", -1);
        return new Group(name[0], name[1], parts[1], ranges);
    }

    private static Optional<Group> of(String digits) {
        for (int n = 1; n <= LONGEST_GROUP; n++) {
            Group group = GROUPS.get(digits.substring(0, PREFIX + n));
            if (group != null) {
                return Optional.of(group);
            }
        }
        return Optional.empty();
    }

    static Optional<String> area(String digits) {
        return of(digits).map(Group::area);
    }

    /** The five parts: prefix, group, registrant, title, check digit. */
    static Optional<List<String>> split(String digits) {
        return of(digits).flatMap(g -> {
            String rest = digits.substring(PREFIX + g.number.length(), BEFORE_CHECK);
            return g.ranges.stream().filter(r -> r.holds(rest)).findFirst().map(r -> {
                int n = r.from.length();
                return List.of(
                        g.prefix, g.number, rest.substring(0, n), rest.substring(n), digits.substring(BEFORE_CHECK));
            });
        });
    }
}
