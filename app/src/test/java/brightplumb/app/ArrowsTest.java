package brightplumb.app;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.junit.jupiter.api.Test;

/** Arrows point one way: the application uses formats and core, formats use core, and nothing points back. */
class ArrowsTest {

    private final JavaClasses all = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("brightplumb");

    @Test
    void nothing_points_back() {
        noClasses()
                .that()
                .resideInAPackage("brightplumb.core..")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("brightplumb.formats..", "brightplumb.app..")
                .check(all);
        noClasses()
                .that()
                .resideInAPackage("brightplumb.formats..")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("brightplumb.app..", "org.springframework..")
                .check(all);
    }

    @Test
    void the_older_jackson_stays_with_those_who_brought_it() {
        noClasses()
                .should()
                .dependOnClassesThat()
                .resideInAPackage("com.fasterxml.jackson.databind..")
                .check(all);
    }

    @Test
    void no_room_is_a_lumber_room() {
        noClasses()
                .should()
                .resideInAnyPackage("..util..", "..common..", "..helper..", "..manager..")
                .allowEmptyShould(true)
                .check(all);
    }
}
