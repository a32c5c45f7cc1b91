package jorn.desk;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

/** The house: dependencies point one way, and core knows neither the window nor the PDF library. */
@AnalyzeClasses(packages = "jorn", importOptions = ImportOption.DoNotIncludeTests.class)
class HouseTest {
    @ArchTest
    static final ArchRule MODULES = layeredArchitecture()
            .consideringOnlyDependenciesInLayers()
            .layer("desk")
            .definedBy("jorn.desk..")
            .layer("print")
            .definedBy("jorn.print..")
            .layer("core")
            .definedBy(
                    "jorn.measure..",
                    "jorn.json..",
                    "jorn.press..",
                    "jorn.art..",
                    "jorn.text..",
                    "jorn.recipe..",
                    "jorn.book..",
                    "jorn.calendar..",
                    "jorn.makeup..",
                    "jorn.cover..",
                    "jorn.brief..",
                    "jorn.check..",
                    "jorn.store..")
            .whereLayer("desk")
            .mayNotBeAccessedByAnyLayer()
            .whereLayer("print")
            .mayOnlyBeAccessedByLayers("desk")
            .whereLayer("core")
            .mayOnlyBeAccessedByLayers("desk", "print");

    @ArchTest
    static final ArchRule ROOMS_OF_CORE = layeredArchitecture()
            .consideringOnlyDependenciesInLayers()
            .layer("check")
            .definedBy("jorn.check..")
            .layer("brief")
            .definedBy("jorn.brief..")
            .layer("cover")
            .definedBy("jorn.cover..")
            .layer("makeup")
            .definedBy("jorn.makeup..")
            .layer("store")
            .definedBy("jorn.store..")
            .layer("book")
            .definedBy("jorn.book..")
            .layer("recipe")
            .definedBy("jorn.recipe..")
            .layer("text")
            .definedBy("jorn.text..")
            .layer("page")
            .definedBy("jorn.art..")
            .layer("press")
            .definedBy("jorn.press..")
            .layer("json")
            .definedBy("jorn.json..")
            .layer("measure")
            .definedBy("jorn.measure..")
            .whereLayer("check")
            .mayNotBeAccessedByAnyLayer()
            .whereLayer("brief")
            .mayOnlyBeAccessedByLayers("check")
            .whereLayer("cover")
            .mayOnlyBeAccessedByLayers("brief", "check")
            .whereLayer("makeup")
            .mayOnlyBeAccessedByLayers("brief", "check")
            .whereLayer("store")
            .mayNotBeAccessedByAnyLayer()
            .whereLayer("book")
            .mayOnlyBeAccessedByLayers("makeup", "cover", "brief", "check", "store")
            .whereLayer("recipe")
            .mayOnlyBeAccessedByLayers("book", "makeup", "check", "store")
            .whereLayer("text")
            .mayOnlyBeAccessedByLayers("recipe", "book", "makeup", "cover", "check")
            .whereLayer("press")
            .mayOnlyBeAccessedByLayers("book", "makeup", "cover", "brief", "check")
            .whereLayer("json")
            .mayOnlyBeAccessedByLayers("press", "page", "text", "recipe", "book", "store");

    @ArchTest
    static final ArchRule CORE_KNOWS_NO_WINDOW_AND_NO_PDF = noClasses()
            .that()
            .resideOutsideOfPackages("jorn.desk..", "jorn.print..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage(
                    "javafx..", "org.apache.pdfbox..", "org.apache.fontbox..", "javax.swing..", "picocli..");

    @ArchTest
    static final ArchRule CORE_OPENS_NO_AWT_WINDOW = noClasses()
            .that()
            .resideOutsideOfPackages("jorn.desk..", "jorn.print..")
            .should()
            .dependOnClassesThat()
            .areAssignableTo(java.awt.Component.class);

    @ArchTest
    static final ArchRule PRINT_KNOWS_NO_WINDOW = noClasses()
            .that()
            .resideInAPackage("jorn.print..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("javafx..", "picocli..");

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
