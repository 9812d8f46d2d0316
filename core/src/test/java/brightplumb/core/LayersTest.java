package brightplumb.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Arrows point one way: each package of the core may use only those before it. */
class LayersTest {

    private static final List<String> ORDER = List.of(
            "measure",
            "geometry",
            "pattern",
            "working",
            "rule",
            "paper",
            "table",
            "block",
            "style",
            "truing",
            "cutting",
            "lay",
            "making",
            "fitting",
            "garment");

    private final JavaClasses core = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("brightplumb.core");

    @Test
    void a_package_uses_only_those_before_it() {
        for (int i = 0; i < ORDER.size(); i++) {
            String[] after = ORDER.subList(i + 1, ORDER.size()).stream()
                    .map(p -> "brightplumb.core." + p + "..")
                    .toArray(String[]::new);
            if (after.length > 0) {
                noClasses()
                        .that()
                        .resideInAPackage("brightplumb.core." + ORDER.get(i) + "..")
                        .should()
                        .dependOnClassesThat()
                        .resideInAnyPackage(after)
                        .allowEmptyShould(true)
                        .check(core);
            }
        }
    }

    @Test
    void every_package_has_its_place_in_the_order() {
        assertThat(core.stream()
                        .map(c -> c.getPackageName().split("\\.", -1))
                        .filter(names -> names.length > 2)
                        .map(names -> names[2])
                        .distinct())
                .isSubsetOf(ORDER);
        assertThat(ORDER)
                .as("a class lives in none of these")
                .allSatisfy(p -> assertThat(core.stream()
                                .anyMatch(c -> (c.getPackageName() + ".").startsWith("brightplumb.core." + p + ".")))
                        .isTrue());
    }

    @Test
    void the_core_knows_no_framework_no_clock_and_no_chance() {
        noClasses()
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage(
                        "org.springframework..",
                        "jakarta..",
                        "java.sql..",
                        "com.fasterxml..",
                        "tools.jackson..",
                        "java.time..",
                        "java.net..")
                .orShould()
                .dependOnClassesThat()
                .belongToAnyOf(java.util.Random.class, System.Logger.class)
                .check(core);
        noClasses()
                .should()
                .callMethod(System.class, "currentTimeMillis")
                .orShould()
                .callMethod(System.class, "nanoTime")
                .orShould()
                .callMethod(Math.class, "random")
                .check(core);
    }
}
