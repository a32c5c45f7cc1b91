package jorn.desk.makeup;

import java.util.Collections;
import java.util.List;
import java.util.NavigableSet;
import java.util.Optional;
import java.util.TreeSet;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;
import jorn.block.picture.Border;
import jorn.book.Book;
import jorn.book.Pagination;
import jorn.book.Placement;
import jorn.book.Run;
import jorn.book.RunOrder;
import jorn.book.Slot;
import jorn.desk.model.Desk;
import jorn.layout.Axis;
import jorn.layout.Node;
import jorn.layout.NodeKinds;
import jorn.layout.NodePath;
import jorn.layout.Placed;
import jorn.layout.Tree;
import jorn.layout.Tree.Edge;
import jorn.measure.Trouble;
import jorn.recipe.Recipe;
import jorn.say.Wording;

/**
 * What the user has in hand at the Make-up bench: the chosen pages, the chosen part of the page, how far a change reaches;
 * and the changes themselves. Every change goes through the desk, so that it can be undone.
 */
public final class PageWork {
    private final Desk desk;
    private final NavigableSet<Integer> more = new TreeSet<>();
    private Optional<NodePath> part = Optional.empty();
    private boolean onlyHere;
    private Runnable onChoice = () -> {};

    public PageWork(Desk desk) {
        this.desk = desk;
        desk.page().addListener((o, was, now) -> turned(was.intValue(), now.intValue()));
    }

    /** Who hears that something else was chosen. */
    public void setOnChoice(Runnable listener) {
        onChoice = listener;
    }

    private Pagination pagination() {
        return desk.state().get().pagination();
    }

    /** The book whose pages are seen. */
    private Book book() {
        return desk.state().get().book();
    }

    /** The page that is looked at. */
    public Slot slot() {
        return pagination().page(desk.page().get());
    }

    /** The design of the page that is looked at, if it is not blank. */
    public Optional<Recipe> recipe() {
        Slot slot = slot();
        return slot.isBlank() ? Optional.empty() : Optional.of(book().recipeOf(slot));
    }

    /** The run of the page that is looked at, if it is not blank. */
    public Optional<Run> run() {
        return slot().isBlank() ? Optional.empty() : Optional.of(book().runs().get(slot().run()));
    }

    private void turned(int from, int to) {
        Book book = book();
        Pagination p = pagination();
        boolean same = from <= p.pageCount()
                && !p.page(from).isBlank()
                && !p.page(to).isBlank()
                && book.recipeOf(p.page(from)).equals(book.recipeOf(p.page(to)));
        if (!same) {
            part = Optional.empty();
        }
        if (!more.contains(to)) {
            more.clear();
        }
        onlyHere = false;
    }

    // Pages

    /** The chosen pages, at least the one that is looked at. */
    public NavigableSet<Integer> pages() {
        int count = pagination().pageCount();
        NavigableSet<Integer> all = new TreeSet<>(more.headSet(count, true));
        all.add(Math.min(count, desk.page().get()));
        return Collections.unmodifiableNavigableSet(all);
    }

    public boolean hasMany() {
        return pages().size() > 1;
    }

    /** Chooses a page alone. */
    public void choosePage(int page) {
        more.clear();
        desk.page().set(page);
        onChoice.run();
    }

    /** Chooses a page besides the others, or lets go of it. */
    public void togglePage(int page) {
        NavigableSet<Integer> now = new TreeSet<>(pages());
        if (!now.remove(page)) {
            now.add(page);
            setPages(now, page);
        } else if (!now.isEmpty()) {
            setPages(now, now.contains(desk.page().get()) ? desk.page().get() : now.first());
        }
    }

    /** Chooses all pages from the one that is looked at to another. */
    public void choosePagesTo(int page) {
        NavigableSet<Integer> now = new TreeSet<>(pages());
        int from = desk.page().get();
        IntStream.rangeClosed(Math.min(from, page), Math.max(from, page)).forEach(now::add);
        setPages(now, page);
    }

    /** Chooses one page more, or less, at the end of those that are chosen. */
    public void stretch(int by) {
        int to = desk.page().get() + by;
        if (to < 1 || to > pagination().pageCount()) {
            return;
        }
        NavigableSet<Integer> now = new TreeSet<>(pages());
        if (now.contains(to)) {
            now.remove(desk.page().get());
        }
        now.add(to);
        setPages(now, to);
    }

    private void setPages(NavigableSet<Integer> pages, int at) {
        more.clear();
        more.addAll(pages);
        desk.page().set(at);
        onChoice.run();
    }

    // The part of the page

    /** The path of the chosen part of the page. */
    public Optional<NodePath> part() {
        return part.filter(path -> recipe().isPresent() && exists(recipe().get().root(), path));
    }

    private static boolean exists(Node root, NodePath path) {
        Node at = root;
        for (int i : path.steps()) {
            if (i >= at.children().size()) {
                return false;
            }
            at = at.children().get(i);
        }
        return true;
    }

    /** The chosen part itself. */
    public Optional<Node> node() {
        return part().map(path -> Tree.at(recipe().orElseThrow().root(), path));
    }

    /** The parts of the page that is looked at, the whole first. */
    public List<Placed> parts() {
        return desk.state().get().edition().pages().parts(desk.page().get());
    }

    public void choosePart(Optional<NodePath> path) {
        part = path;
        onChoice.run();
    }

    /** Chooses the next or the last block in reading order. */
    public void stepPart(int by) {
        List<NodePath> blocks =
                parts().stream().filter(Placed::isBlock).map(Placed::path).toList();
        if (!blocks.isEmpty()) {
            int now = part().map(blocks::indexOf).orElse(by > 0 ? -1 : blocks.size());
            choosePart(Optional.of(blocks.get(Math.floorMod(now + by, blocks.size()))));
        }
    }

    // How far a change reaches

    /** Whether a change reaches no page but the chosen ones. */
    public boolean isOnlyHere() {
        return onlyHere || hasMany() || isException();
    }

    public void setOnlyHere(boolean only) {
        onlyHere = only;
        onChoice.run();
    }

    /** Whether the page that is looked at has a design of its own. */
    public boolean isException() {
        return !slot().isBlank() && book().exceptionOf(slot()).isPresent();
    }

    /** How many pages have the design of the run that this page is of. */
    public long sharing() {
        Slot slot = slot();
        return pagination().slots().stream()
                .filter(s -> s.run() == slot.run() && s.design() == slot.design())
                .filter(s -> book().exceptionOf(s).isEmpty())
                .count();
    }

    /** What the page stands for, with its days: "week 41, 5 Oct to 11 Oct 2026"; nothing where it stands for nothing. */
    String standsFor() {
        return OccasionWords.of(slot().occasion(), book().calendar().weeks());
    }

    /** What the page stands for, in few words: "week 41"; "this page" where it stands for nothing. */
    public String here() {
        String stands = OccasionWords.brief(slot().occasion(), book().calendar().weeks());
        return stands.isEmpty() ? Wording.of("desk.page-work.page") : stands;
    }

    /** The book with the design of these pages changed, as far as the change is to reach. */
    public Book redesigned(Book book, UnaryOperator<Recipe> change) {
        Slot slot = slot();
        if (isOnlyHere()) {
            return RunOrder.redesign(book, pagination(), pages(), change);
        }
        return slot.isBlank()
                ? book
                : book.withRun(slot.run(), r -> r.withDesign(slot.design(), change.apply(r.design(slot.design()))));
    }

    /** The book with the tree of these pages' design changed. */
    public Book reworked(Book book, UnaryOperator<Node> change) {
        return redesigned(book, r -> r.withRoot(change.apply(r.root())));
    }

    /**
     * Changes the tree of the design.
     *
     * @throws Trouble where it cannot be; then nothing has changed
     */
    public void rework(String thing, UnaryOperator<Node> change) {
        desk.change(thing, b -> reworked(b, change));
    }

    /** Changes the chosen part. */
    public void change(Node now) {
        NodePath path = part().orElseThrow();
        rework("part", root -> Tree.change(root, path, old -> now));
    }

    /**
     * Puts a block beside the chosen part, or beside all there is, and chooses it.
     *
     * @param seen at which side of it on the page
     */
    public void insert(Edge seen, Node block) {
        Edge edge = desk.book().calendar().isRightToLeft() ? seen.mirrored() : seen;
        NodePath path = part().orElse(NodePath.ROOT);
        NodePath place = Tree.placeOfNew(recipe().orElseThrow().root(), path, edge);
        rework("insert", root -> Tree.insert(root, path, edge, block));
        choosePart(Optional.of(place));
    }

    /** Puts something else in the chosen part's place. */
    public void replace(Node block) {
        part().ifPresent(path -> {
            rework("replace", root -> Tree.change(root, path, n -> block));
            choosePart(Optional.of(path));
        });
    }

    /** Makes two of the chosen part. */
    public void split(Axis axis) {
        part().ifPresent(path -> {
            rework("split", root -> Tree.split(root, path, axis));
            choosePart(Optional.of(path.child(0)));
        });
    }

    /** Takes the chosen part away. */
    public void remove() {
        part().ifPresent(path -> {
            rework("remove", root -> Tree.remove(root, path));
            choosePart(Optional.empty());
        });
    }

    /** Puts a border round the chosen part. */
    public void border() {
        part().ifPresent(path -> rework("border", root -> Tree.change(root, path, Border::plain)));
    }

    /** Makes the chosen part taller, or wider in a row, at the cost of its neighbour; one in a box, with its box. */
    public void grow(double points) {
        NodePath path = part().orElse(NodePath.ROOT);
        if (recipe().isEmpty()) {
            return;
        }
        Node root = recipe().get().root();
        while (!path.isRoot()) {
            NodePath up = path.parent().orElseThrow();
            int siblings = Tree.at(root, up).children().size();
            if (siblings > 1 && Tree.extent(root, path).isPresent()) {
                int index = path.index();
                boolean last = index == siblings - 1;
                Divider divider = Divider.of(parts(), up, last ? index - 1 : index);
                rework("divider", tree -> divider.moved(tree, last ? -points : points));
                return;
            }
            path = up;
        }
    }

    // Pages and runs

    /** Takes a design for the pages that a change reaches. */
    public void use(Recipe design) {
        desk.change("design", b -> redesigned(b, r -> design));
        choosePart(Optional.empty());
    }

    /**
     * Puts a page of a design before a run.
     *
     * @param inside whether it joins the cycle that it is put in
     */
    public void insertRun(int at, Recipe design, boolean inside) {
        Run.Matter matter =
                at == 0 ? Run.Matter.FRONT : book().runs().get(at - 1).matter();
        Run run = Run.of(design.name(), design, 1, Placement.Start.ANYWHERE).as(matter);
        desk.change(
                "insert", b -> MadeRuns.inserted(b, at, design).orElseGet(() -> RunOrder.insert(b, at, run, inside)));
        goToRun(at);
    }

    /** Puts a page of a design after the run of this page; a cycle that holds the run holds it too. */
    public void insertAfter(Recipe design) {
        boolean blank = slot().isBlank();
        insertRun(blank ? book().runs().size() : slot().run() + 1, design, !blank);
    }

    /** Turns to the first page of a run, if it has any. */
    public void goToRun(int run) {
        pagination().slots().stream().filter(s -> s.run() == run).findFirst().ifPresent(s -> choosePage(s.number()));
    }

    /** Gives the chosen pages back the design of their run. */
    public void rejoin() {
        NavigableSet<Integer> pages = pages();
        desk.change("design", b -> RunOrder.rejoin(b, pagination(), pages));
        choosePart(Optional.empty());
    }

    /** Makes a run of their own of the chosen pages. */
    public void takeOut() {
        NavigableSet<Integer> pages = pages();
        if (pages.last() - pages.first() + 1 != pages.size()) {
            throw Trouble.of("desk.page-work.chosen-pages-do-not");
        }
        Pagination before = pagination();
        desk.change("take out", b -> RunOrder.takeOut(b, before, pages.first(), pages.last()));
        choosePage(pages.first());
    }

    /** Moves the run of this page one place on or back. */
    public void moveRun(int by) {
        if (slot().isBlank()) {
            return;
        }
        int run = slot().run();
        int to = by < 0 ? run - 1 : run + 2;
        if (to >= 0 && to <= book().runs().size()) {
            moveRun(run, to, false);
        }
    }

    /** Moves a run; see {@link RunOrder#move}. */
    public void moveRun(int run, int to, boolean inside) {
        desk.change("order", b -> RunOrder.move(b, run, to, inside));
        goToRun(to > run ? to - 1 : to);
    }

    /** Takes the run of this page out of the book. */
    public void removeRun() {
        if (!slot().isBlank()) {
            int run = slot().run();
            desk.change("remove run", b -> RunOrder.remove(b, run));
            goToRun(Math.min(run, book().runs().size() - 1));
        }
    }

    /** Changes the run of this page. */
    public void changeRun(UnaryOperator<Run> change) {
        int run = slot().run();
        desk.change("run", b -> b.withRun(run, change));
        if (slot().run() != run) {
            goToRun(run);
        }
    }

    /** What the chosen part is called. */
    public String partName() {
        return node().map(NodeKinds::nameOf).orElse("");
    }
}
