package jorn.desk;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.tngtech.archunit.core.domain.Dependency;
import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import java.lang.reflect.Modifier;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;

/**
 * The house: every room is on the plan, with the rooms that it may use. They are listed from the ground up, and a room uses
 * only rooms below it.
 */
@AnalyzeClasses(packages = "jorn", importOptions = ImportOption.DoNotIncludeTests.class)
class HouseTest {
    private static final String SAY = "say";
    private static final Map<String, Set<String>> PLAN = new LinkedHashMap<>();

    private static void room(String name, String... uses) {
        for (String each : uses) {
            assertTrue(PLAN.containsKey(each), name + " uses " + each + ", which does not lie below it");
        }
        PLAN.put(name, Set.of(uses));
    }

    static {
        // The ground: words, measures, data files, colour. Every room has something to say.
        room(SAY);
        room("measure");
        room("json", "measure");
        room("scratch", "measure");
        room("colour");
        // What is known of the trade.
        room("press", "json", "measure");
        room("calendar", "json", "measure");
        // What is drawn, and with what letters.
        room("art", "colour", "json", "measure", "scratch");
        room("text", "art", "measure", "scratch");
        room("code", "art", "measure", "text");
        room("style", "art", "json", "measure", "text");
        // What fills pages, how trees are laid out, the blocks, and the designs made of them.
        room("content", "calendar", "json");
        room("layout", "art", "calendar", "content", "json", "measure", "style", "text");
        room("chance");
        room("shape", "measure", "text");
        room("puzzle", "art", "chance", "content", "json", "measure", "shape", "text");
        room("photo", "content", "json", "measure");
        room("scan", "measure", "shape");
        room("pattern", "scan", "art", "chance", "content", "json", "measure", "shape", "text");
        room(
                "block",
                "art",
                "calendar",
                "code",
                "content",
                "json",
                "layout",
                "measure",
                "pattern",
                "photo",
                "puzzle",
                "style",
                "text");
        room("recipe", "block", "calendar", "json", "layout", "measure", "style", "text");
        // What is decided.
        room(
                "book",
                "chance",
                "art",
                "block",
                "calendar",
                "code",
                "content",
                "json",
                "layout",
                "measure",
                "pattern",
                "photo",
                "press",
                "puzzle",
                "recipe",
                "style",
                "text");
        // What follows.
        room(
                "makeup",
                "art",
                "block",
                "book",
                "calendar",
                "content",
                "layout",
                "measure",
                "press",
                "recipe",
                "style",
                "text");
        room(
                "cover",
                "pattern",
                "colour",
                "art",
                "block",
                "book",
                "calendar",
                "code",
                "json",
                "layout",
                "makeup",
                "measure",
                "press",
                "recipe",
                "style",
                "text");
        room("money", "book", "measure", "press");
        room("brief", "art", "book", "content", "cover", "makeup", "measure", "money", "pattern", "press", "puzzle");
        room("edition", "art", "book", "brief", "content", "cover", "makeup", "measure", "press");
        // What is done with it.
        room(
                "order",
                "brief",
                "art",
                "book",
                "calendar",
                "cover",
                "edition",
                "json",
                "layout",
                "makeup",
                "measure",
                "money",
                "press",
                "recipe",
                "text");
        room(
                "deliver", "art", "book", "colour", "cover", "edition", "json", "layout", "makeup", "measure", "press",
                "text");
        room(
                "check",
                "art",
                "block",
                "book",
                "brief",
                "calendar",
                "colour",
                "cover",
                "deliver",
                "edition",
                "layout",
                "makeup",
                "measure",
                "money",
                "order",
                "press",
                "recipe",
                "style",
                "text",
                "json");
        room("store", "art", "book", "json", "layout", "measure", "recipe", "scratch", "style", "text");
        // Files and pictures.
        room("impose", "art", "json", "measure", "press", "text");
        room("print.picture", "art", "measure", "pattern", "photo", "scan", "scratch");
        room("print.svg", "art", "text");
        room("print.read", "art", "deliver", "measure", "scratch");
        room("print.raster", "art", "cover", "measure", "print.picture", "print.read", "text");
        room(
                "print.pdf",
                "art",
                "colour",
                "deliver",
                "measure",
                "print.picture",
                "print.raster",
                "print.read",
                "scratch",
                "text");
        room(
                "print.reception",
                "art",
                "book",
                "check",
                "cover",
                "deliver",
                "edition",
                "makeup",
                "measure",
                "press",
                "print.pdf",
                "print.read",
                "recipe",
                "store");
        room(
                "print.export",
                "content",
                "puzzle",
                "check",
                "press",
                "print.reception",
                "scratch",
                "order",
                "art",
                "print.raster",
                "text",
                "book",
                "deliver",
                "edition",
                "measure",
                "print.pdf",
                "store");
        room(
                "print.bindery",
                "art",
                "book",
                "content",
                "deliver",
                "edition",
                "impose",
                "measure",
                "print.export",
                "print.pdf",
                "scratch",
                "store");
        // The window: what stands on the desk, how things are shown, the benches, and all of them together.
        room(
                "desk.model",
                "impose",
                "photo",
                "scan",
                "pattern",
                "content",
                "puzzle",
                "style",
                "art",
                "block",
                "book",
                "brief",
                "calendar",
                "check",
                "code",
                "cover",
                "deliver",
                "edition",
                "json",
                "makeup",
                "measure",
                "press",
                "print.picture",
                "print.export",
                "recipe",
                "scratch",
                "store",
                "text");
        room(
                "desk.view",
                "recipe",
                "art",
                "book",
                "brief",
                "cover",
                "desk.model",
                "edition",
                "layout",
                "makeup",
                "measure",
                "press",
                "print.raster",
                "store",
                "text");
        room(
                "desk.briefs",
                "art",
                "block",
                "book",
                "brief",
                "check",
                "cover",
                "desk.model",
                "desk.view",
                "edition",
                "json",
                "makeup",
                "measure",
                "money",
                "press",
                "recipe",
                "store");
        room(
                "desk.makeup",
                "chance",
                "pattern",
                "photo",
                "scan",
                "print.picture",
                "puzzle",
                "shape",
                "style",
                "press",
                "print.export",
                "art",
                "block",
                "book",
                "calendar",
                "content",
                "desk.model",
                "desk.view",
                "edition",
                "layout",
                "makeup",
                "measure",
                "recipe",
                "store",
                "text");
        room(
                "desk.covers",
                "art",
                "book",
                "code",
                "colour",
                "cover",
                "desk.model",
                "desk.view",
                "edition",
                "layout",
                "measure",
                "press",
                "print.raster",
                "style",
                "text");
        room(
                "desk.bindery",
                "art",
                "content",
                "book",
                "desk.model",
                "desk.view",
                "edition",
                "impose",
                "measure",
                "order",
                "press",
                "print.bindery",
                "print.export",
                "print.pdf",
                "store");
        room(
                "desk.benches",
                "desk.bindery",
                "order",
                "desk.covers",
                "style",
                "cover",
                "art",
                "book",
                "brief",
                "check",
                "deliver",
                "desk.briefs",
                "desk.makeup",
                "desk.model",
                "desk.view",
                "edition",
                "makeup",
                "measure",
                "press",
                "print.export",
                "print.read",
                "print.reception",
                "text");
        room(
                "desk.window",
                "content",
                "puzzle",
                "book",
                "cover",
                "desk.benches",
                "desk.model",
                "desk.view",
                "edition",
                "measure",
                "press",
                "scratch",
                "store");
        // The command line, which opens the window too; and where the program begins.
        room(
                "desk.cli",
                "impose",
                "photo",
                "print.bindery",
                "chance",
                "scan",
                "shape",
                "pattern",
                "print.svg",
                "puzzle",
                "order",
                "style",
                "deliver",
                "art",
                "block",
                "book",
                "brief",
                "calendar",
                "check",
                "code",
                "cover",
                "desk.model",
                "desk.window",
                "edition",
                "json",
                "makeup",
                "measure",
                "press",
                "print.export",
                "print.pdf",
                "print.picture",
                "print.raster",
                "print.reception",
                "recipe",
                "store");
        room("desk", "desk.cli", "desk.model");
    }

    /** {@code jorn.block.text} lies in block, {@code jorn.print.pdf} in print.pdf. */
    private static String roomOf(JavaClass type) {
        String[] parts = type.getPackageName().split("\\.");
        boolean ofModule = parts.length > 2 && (parts[1].equals("print") || parts[1].equals("desk"));
        return parts.length < 2 ? "" : ofModule ? parts[1] + "." + parts[2] : parts[1];
    }

    @ArchTest
    static void everyRoomIsOnThePlanAndUsesOnlyWhatItMay(JavaClasses house) {
        Set<String> broken = new TreeSet<>();
        for (JavaClass type : house) {
            String room = roomOf(type);
            assertTrue(PLAN.containsKey(room), () -> "the room “" + room + "” is not on the plan: " + type.getName());
            for (Dependency each : type.getDirectDependenciesFromSelf()) {
                JavaClass target = each.getTargetClass().getBaseComponentType();
                if (target.getPackageName().startsWith("jorn.")
                        && !List.of(room, SAY).contains(roomOf(target))
                        && !PLAN.get(room).contains(roomOf(target))) {
                    broken.add(type.getName() + " uses " + target.getName());
                }
            }
        }
        assertEquals(Set.of(), broken);
    }

    @ArchTest
    static void noTwoTypesHaveOneName(JavaClasses house) {
        Map<String, List<String>> names = new HashMap<>();
        for (JavaClass type : house) {
            boolean named = !type.isAnonymousClass()
                    && !type.isLocalClass()
                    && !type.getSimpleName().isEmpty();
            if (named
                    && !type.getSimpleName().equals("package-info")
                    && Modifier.isPublic(type.reflect().getModifiers())) {
                names.computeIfAbsent(type.getSimpleName(), n -> new ArrayList<>())
                        .add(type.getName());
            }
        }
        // What the generator makes for each record bears the same name in each.
        names.remove("With");
        names.values().removeIf(l -> l.size() == 1);
        assertEquals(Map.of(), names);
    }

    /** A record that is wider is made of groups. The profile of a press and the dates of a book are read from files field by field. */
    @ArchTest
    static void noRecordIsWiderThanEight(JavaClasses house) {
        Set<String> wide = new TreeSet<>();
        for (JavaClass type : house) {
            if (type.isRecord() && type.reflect().getRecordComponents().length > 8) {
                wide.add(type.getSimpleName());
            }
        }
        assertEquals(Set.of("PressProfile", "BindingOffer", "CalendarChoice"), wide);
    }

    @ArchTest
    static final ArchRule CORE_KNOWS_NO_WINDOW_AND_NO_PDF = noClasses()
            .that()
            .resideOutsideOfPackages("jorn.desk..", "jorn.print..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage(
                    "jorn.desk..",
                    "jorn.print..",
                    "javafx..",
                    "org.apache.pdfbox..",
                    "org.apache.fontbox..",
                    "javax.swing..",
                    "picocli..");

    @ArchTest
    static final ArchRule CORE_OPENS_NO_AWT_WINDOW = noClasses()
            .that()
            .resideOutsideOfPackages("jorn.desk..", "jorn.print..")
            .should()
            .dependOnClassesThat()
            .areAssignableTo(java.awt.Component.class);

    /** The running program never uses the network. */
    @ArchTest
    static final ArchRule NOBODY_OPENS_A_CONNECTION = noClasses()
            .should()
            .dependOnClassesThat()
            .haveNameMatching(
                    "java\\.net\\.(http\\..*|URLConnection|HttpURLConnection|Socket|ServerSocket|DatagramSocket)");

    @ArchTest
    static final ArchRule PRINT_KNOWS_NO_WINDOW = noClasses()
            .that()
            .resideInAPackage("jorn.print..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("jorn.desk..", "javafx..", "picocli..");

    @ArchTest
    static final ArchRule NO_ROOM_IS_ENTERED_IN_A_CIRCLE =
            slices().matching("jorn.(*)..").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule BENCHES_AND_VIEWS_KNOW_THE_MODEL_NOT_THE_WINDOW = noClasses()
            .that()
            .resideInAnyPackage(
                    "jorn.desk.model..",
                    "jorn.desk.view..",
                    "jorn.desk.briefs..",
                    "jorn.desk.makeup..",
                    "jorn.desk.benches..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("jorn.desk.window..", "jorn.desk.cli..");
}
