package jorn.print.pdf;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.geom.Path2D;
import java.awt.geom.PathIterator;
import java.awt.geom.Point2D;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.Deque;
import java.util.List;
import java.util.Locale;
import java.util.TreeSet;
import jorn.book.Book;
import jorn.book.PuzzleRuns;
import jorn.book.Slot;
import jorn.book.Starter;
import jorn.edition.Edition;
import jorn.puzzle.PuzzleRules;
import jorn.puzzle.maze.MazeRules;
import jorn.puzzle.maze.MazeRules.MazeForm;
import jorn.puzzle.number.NumberRules;
import jorn.puzzle.run.Making;
import jorn.puzzle.run.PageUse;
import jorn.puzzle.run.PuzzlePage;
import jorn.puzzle.run.Puzzles;
import jorn.puzzle.run.SolutionPage;
import jorn.puzzle.words.WordSearchRules;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.contentstream.PDFGraphicsStreamEngine;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.graphics.image.PDImage;
import org.apache.pdfbox.text.PDFTextStripper;
import org.apache.pdfbox.text.TextPosition;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Puzzles as somebody finds them in the file: solved from its text and its lines alone. */
class PuzzlesReadBackTest {
    @TempDir
    Path folder;

    /** A sign and where its middle is. */
    private record Sign(String text, double x, double y, double size) {}

    private static Edition edition(PuzzleRules rules, int count) {
        Book book = Starter.PUZZLE_BOOK.begin().withTitle("Winter Cluster");
        for (int i = 0; i < book.runs().size(); i++) {
            if (PuzzleRuns.of(book.runs().get(i)).isPresent()) {
                return Edition.of(PuzzleRuns.with(book, i, new Puzzles(Making.of(rules, count, 8), PageUse.CUSTOMARY)));
            }
        }
        throw new IllegalStateException();
    }

    private PDDocument written(Edition edition, List<Integer> pages) throws IOException {
        Path file = folder.resolve("puzzles.pdf");
        try (PdfSink sink = new PdfSink("Winter Cluster", "");
                OutputStream out = Files.newOutputStream(file)) {
            for (int page : pages) {
                sink.add(edition.page(page));
            }
            sink.writeTo(out);
        }
        return Loader.loadPDF(file.toFile());
    }

    private static <T> List<Integer> pagesOf(Edition edition, Class<T> type) {
        return edition.pagination().slots().stream()
                .filter(s -> s.subjects().get(type).isPresent())
                .map(Slot::number)
                .toList();
    }

    private static List<Sign> signs(PDDocument file, int page) throws IOException {
        List<Sign> all = new ArrayList<>();
        PDFTextStripper reader = new PDFTextStripper() {
            @Override
            protected void writeString(String text, List<TextPosition> positions) {
                for (TextPosition each : positions) {
                    all.add(new Sign(
                            each.getUnicode(),
                            each.getX() + each.getWidth() / 2,
                            each.getY() - each.getHeight() / 2,
                            each.getFontSizeInPt()));
                }
            }
        };
        reader.setStartPage(page);
        reader.setEndPage(page);
        reader.getText(file);
        return all;
    }

    /** The lines of a page as they are stroked, each piece alone. */
    private static final class Lines extends PDFGraphicsStreamEngine {
        private final Path2D.Double now = new Path2D.Double();
        private final Path2D.Double stroked = new Path2D.Double();

        Lines(PDPage page) throws IOException {
            super(page);
            processPage(page);
        }

        @Override
        public void appendRectangle(Point2D a, Point2D b, Point2D c, Point2D d) {
            now.moveTo(a.getX(), a.getY());
            now.lineTo(b.getX(), b.getY());
            now.lineTo(c.getX(), c.getY());
            now.lineTo(d.getX(), d.getY());
            now.closePath();
        }

        @Override
        public void drawImage(PDImage image) {
            // Puzzles have none.
        }

        @Override
        public void clip(int rule) {
            // What lies outside is not looked at.
        }

        @Override
        public void moveTo(float x, float y) {
            now.moveTo(x, y);
        }

        @Override
        public void lineTo(float x, float y) {
            now.lineTo(x, y);
        }

        @Override
        public void curveTo(float x1, float y1, float x2, float y2, float x, float y) {
            now.curveTo(x1, y1, x2, y2, x, y);
        }

        @Override
        public Point2D getCurrentPoint() {
            return now.getCurrentPoint();
        }

        @Override
        public void closePath() {
            now.closePath();
        }

        @Override
        public void endPath() {
            now.reset();
        }

        @Override
        public void strokePath() {
            stroked.append(now, false);
            now.reset();
        }

        @Override
        public void fillPath(int rule) {
            now.reset();
        }

        @Override
        public void fillAndStrokePath(int rule) {
            strokePath();
        }

        @Override
        public void shadingFill(COSName name) {
            // Puzzles have none.
        }
    }

    /** Signs of the largest kind, put into as many rows and columns as there are lines between. */
    private static String[][] squares(List<Sign> signs, int size, double left, double top, double side) {
        String[][] squares = new String[size][size];
        for (String[] row : squares) {
            Arrays.fill(row, "");
        }
        for (Sign each : signs) {
            int column = (int) Math.floor((each.x() - left) / side);
            int row = (int) Math.floor((each.y() - top) / side);
            if (row >= 0 && column >= 0 && row < size && column < size) {
                squares[row][column] += each.text();
            }
        }
        return squares;
    }

    @Test
    void numberPlacementsAreSolvedFromTheFileAndTheFileSaysTheSame() throws IOException {
        Edition edition = edition(NumberRules.of(9), 5);
        List<Integer> pages = new ArrayList<>(pagesOf(edition, PuzzlePage.class));
        pages.addAll(pagesOf(edition, SolutionPage.class));
        try (PDDocument file = written(edition, pages)) {
            for (int p = 0; p < 5; p++) {
                double[] grid = grid(file, p);
                String[][] given = squares(signs(file, p + 1), 9, grid[0], grid[1], grid[2] / 9);
                int[] figures = new int[81];
                for (int i = 0; i < 81; i++) {
                    figures[i] = given[i / 9][i % 9].isEmpty() ? 0 : Integer.parseInt(given[i / 9][i % 9]);
                }
                List<int[]> found = new ArrayList<>();
                solve(figures, found);
                assertEquals(1, found.size(), "puzzle " + (p + 1));
                StringBuilder solved = new StringBuilder();
                Arrays.stream(found.get(0)).forEach(solved::append);
                // The page of solutions has the same figures, row by row, somewhere.
                String all =
                        String.join("", signs(file, 6).stream().map(Sign::text).toList());
                assertTrue(rowsOn(file, 6).containsAll(rows(solved.toString())), all);
            }
        }
    }

    private static List<String> rows(String figures) {
        List<String> rows = new ArrayList<>();
        for (int r = 0; r < 9; r++) {
            rows.add(figures.substring(9 * r, 9 * r + 9));
        }
        return rows;
    }

    /** All nine figures that stand one after the other on one line of a page. */
    private static List<String> rowsOn(PDDocument file, int page) throws IOException {
        List<Sign> signs = new ArrayList<>(signs(file, page));
        signs.removeIf(s -> !s.text().matches("\\d"));
        signs.sort(Comparator.comparingDouble((Sign s) -> Math.round(s.y() * 2)).thenComparingDouble(Sign::x));
        List<String> all = new ArrayList<>();
        for (int i = 0; i + 9 <= signs.size(); i++) {
            StringBuilder row = new StringBuilder();
            for (int k = 0; k < 9; k++) {
                row.append(signs.get(i + k).text());
            }
            all.add(row.toString());
        }
        return all;
    }

    /** Tries figure after figure, apart from the program's own ways. */
    private static void solve(int[] squares, List<int[]> found) {
        int best = -1;
        List<Integer> fewest = List.of();
        for (int cell = 0; cell < 81 && found.size() < 2; cell++) {
            if (squares[cell] == 0) {
                List<Integer> can = new ArrayList<>();
                for (int f = 1; f <= 9; f++) {
                    if (fits(squares, cell, f)) {
                        can.add(f);
                    }
                }
                if (best < 0 || can.size() < fewest.size()) {
                    best = cell;
                    fewest = can;
                }
            }
        }
        if (best < 0) {
            found.add(squares.clone());
            return;
        }
        for (int f : fewest) {
            squares[best] = f;
            solve(squares, found);
            squares[best] = 0;
        }
    }

    private static boolean fits(int[] squares, int cell, int figure) {
        for (int other = 0; other < 81; other++) {
            boolean together = other / 9 == cell / 9
                    || other % 9 == cell % 9
                    || (other / 27 == cell / 27 && other % 9 / 3 == cell % 9 / 3);
            if (together && squares[other] == figure) {
                return false;
            }
        }
        return true;
    }

    /** Left, top and width of the largest square that the lines of a page enclose. */
    private static double[] grid(PDDocument file, int page) throws IOException {
        PDPage sheet = file.getPage(page);
        var box = new Lines(sheet).stroked.getBounds2D();
        double high = sheet.getMediaBox().getHeight();
        return new double[] {box.getMinX(), high - box.getMaxY(), box.getWidth()};
    }

    @Test
    void everyWordOfTheListIsFoundOnceAmongTheLettersOfTheFile() throws IOException {
        List<String> words = List.of("honey", "swarm", "queen", "drone", "comb", "skep", "nectar", "pollen", "brood");
        Edition edition = edition(WordSearchRules.of(words, "en"), 4);
        List<Integer> pages = pagesOf(edition, PuzzlePage.class);
        try (PDDocument file = written(edition, pages)) {
            for (int p = 0; p < 4; p++) {
                double[] grid = grid(file, p);
                String[][] letters = squares(signs(file, p + 1), 14, grid[0], grid[1], grid[2] / 14);
                for (String word : words) {
                    assertEquals(1, count(letters, word.toUpperCase(Locale.ROOT)), word + " on page " + p);
                }
            }
        }
    }

    private static int count(String[][] letters, String word) {
        int n = letters.length;
        TreeSet<String> ends = new TreeSet<>();
        for (int start = 0; start < n * n; start++) {
            for (int way = 0; way < 9; way++) {
                int dr = way / 3 - 1;
                int dc = way % 3 - 1;
                int r = start / n;
                int c = start % n;
                int k = 0;
                while (k < word.length()
                        && r >= 0
                        && c >= 0
                        && r < n
                        && c < n
                        && letters[r][c].equals(word.substring(k, k + 1))) {
                    k++;
                    r += dr;
                    c += dc;
                }
                if (k == word.length() && way != 4) {
                    int end = (r - dr) * n + c - dc;
                    ends.add(Math.min(start, end) + "-" + Math.max(start, end));
                }
            }
        }
        return ends.size();
    }

    /** The walls are painted as the file strokes them; water that comes in at the first door comes out at the second, and nowhere else. */
    @Test
    void mazesLeadFromDoorToDoorByTheLinesOfTheFile() throws IOException {
        Edition edition = edition(MazeRules.of(MazeForm.RECTANGLE), 3);
        List<Integer> pages = pagesOf(edition, PuzzlePage.class);
        try (PDDocument file = written(edition, pages)) {
            for (int p = 0; p < 3; p++) {
                Path2D walls = new Lines(file.getPage(p)).stroked;
                var box = walls.getBounds2D();
                int scale = 2;
                int wide = (int) (box.getWidth() * scale) + 8;
                int high = (int) (box.getHeight() * scale) + 8;
                var image = new java.awt.image.BufferedImage(wide, high, java.awt.image.BufferedImage.TYPE_BYTE_BINARY);
                var g = image.createGraphics();
                g.translate(4, 4);
                g.scale(scale, scale);
                g.translate(-box.getX(), -box.getY());
                g.setStroke(new java.awt.BasicStroke(1.6f));
                g.draw(walls);
                g.dispose();
                // In the file the head of the page is at the top of its numbers.
                int[] in = gap(image, high - 6);
                int[] out = gap(image, 6);
                assertTrue(in[1] - in[0] > 3 && out[1] - out[0] > 3, "two doors");
                boolean[][] wet = new boolean[high][wide];
                Deque<int[]> next = new ArrayDeque<>();
                next.add(new int[] {(in[0] + in[1]) / 2, high - 12});
                int reached = 0;
                while (!next.isEmpty()) {
                    int[] at = next.remove();
                    int x = at[0];
                    int y = at[1];
                    boolean inside = x > 4 && y > 4 && x < wide - 4 && y < high - 4;
                    if (inside && !wet[y][x] && (image.getRGB(x, y) & 0xFFFFFF) == 0) {
                        wet[y][x] = true;
                        reached++;
                        next.add(new int[] {x + 1, y});
                        next.add(new int[] {x - 1, y});
                        next.add(new int[] {x, y + 1});
                        next.add(new int[] {x, y - 1});
                    }
                }
                assertTrue(wet[12][(out[0] + out[1]) / 2], "from door to door");
                assertTrue(reached > wide * high * 0.5, "every room can be reached");
                assertTrue(
                        isOneTree(walls, box.getWidth()),
                        "the walls are two pieces, parted by the way and nothing else");
            }
        }
    }

    /** Where along a row of pixels no wall is, between the two corners. */
    private static int[] gap(java.awt.image.BufferedImage image, int row) {
        int from = -1;
        int to = -1;
        for (int x = 6; x < image.getWidth() - 6; x++) {
            boolean wall = false;
            for (int dy = -3; dy <= 3; dy++) {
                wall |= (image.getRGB(x, row + dy) & 0xFFFFFF) != 0;
            }
            if (!wall) {
                from = from < 0 ? x : from;
                to = x;
            }
        }
        return new int[] {from, to};
    }

    /** In a maze with one way all walls hang together in exactly two pieces, one on either hand of the way. */
    private static boolean isOneTree(Path2D walls, double width) {
        List<double[]> pieces = new ArrayList<>();
        double[] at = new double[6];
        double[] from = new double[2];
        for (PathIterator i = walls.getPathIterator(null); !i.isDone(); i.next()) {
            int kind = i.currentSegment(at);
            if (kind == PathIterator.SEG_LINETO) {
                pieces.add(new double[] {from[0], from[1], at[0], at[1]});
            }
            from = new double[] {at[0], at[1]};
        }
        int[] group = new int[pieces.size()];
        int groups = 0;
        double near = width / 400;
        for (int start = 0; start < group.length; start++) {
            if (group[start] == 0) {
                groups++;
                Deque<Integer> next = new ArrayDeque<>(List.of(start));
                group[start] = groups;
                while (!next.isEmpty()) {
                    double[] a = pieces.get(next.remove());
                    for (int k = 0; k < group.length; k++) {
                        double[] b = pieces.get(k);
                        boolean touch =
                                java.awt.geom.Line2D.linesIntersect(a[0], a[1], a[2], a[3], b[0], b[1], b[2], b[3])
                                        || java.awt.geom.Line2D.ptSegDist(a[0], a[1], a[2], a[3], b[0], b[1]) < near
                                        || java.awt.geom.Line2D.ptSegDist(a[0], a[1], a[2], a[3], b[2], b[3]) < near;
                        if (group[k] == 0 && touch) {
                            group[k] = groups;
                            next.add(k);
                        }
                    }
                }
            }
        }
        return groups == 2;
    }
}
