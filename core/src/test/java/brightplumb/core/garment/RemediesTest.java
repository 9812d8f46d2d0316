package brightplumb.core.garment;

import static org.assertj.core.api.Assertions.assertThat;

import brightplumb.core.paper.Notice;
import brightplumb.core.paper.Remedy;
import brightplumb.core.rule.Cloth;
import brightplumb.core.rule.SettingValue;
import brightplumb.core.rule.Way;
import brightplumb.core.rule.Ways;
import brightplumb.core.table.Check;
import brightplumb.core.table.Verdict;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * A remedy that is offered settles what it is offered for: each one is applied and the plumb line seen to hang
 * straight.
 */
class RemediesTest {

    /** Skirts that are wrong in one way or another, to be drafted on every body. */
    private record Wrong(String cut, Map<String, Object> settings, Cloth cloth) {}

    private static final Cloth NARROW = new Cloth(0, 600, true, false);

    static Stream<Wrong> wrongs() {
        return Stream.of(
                new Wrong("straight-skirt", Map.of(), null),
                new Wrong("straight-skirt", Map.of("hemTaper", 50.0, "length", 700.0), null),
                new Wrong("straight-skirt", Map.of("zipLength", 60.0), null),
                new Wrong("straight-skirt", Map.of("closure", "none"), null),
                new Wrong("straight-skirt", Map.of("closure", "side-zip", "zipLength", 70.0), null),
                new Wrong("straight-skirt", Map.of("dartIntakeBack", 70.0, "hipEase", 280.0), null),
                new Wrong("straight-skirt", Map.of(), NARROW),
                new Wrong("knit-pencil", Map.of(), null),
                new Wrong("knit-pencil", Map.of(), new Cloth(0.1, 1500, true, false)),
                new Wrong("slit-pencil", Map.of("stride", 800.0, "slit", 100.0), null),
                new Wrong("ankle-pencil", Map.of("slit", 0.0), null),
                new Wrong("classic-trousers", Map.of(), null),
                new Wrong("classic-trousers", Map.of("backRise", 0.0, "forkDrop", 0.0), null),
                new Wrong("classic-trousers", Map.of("crotchDepth", 400.0), null),
                new Wrong("classic-trousers", Map.of("hem", 220.0, "zipLength", 60.0), null),
                new Wrong("classic-trousers", Map.of("backLegAdd", 50.0, "backSideAdd", 0.0), null),
                new Wrong("classic-trousers", Map.of("hipEase", -60.0, "backExtension", 70.0), null),
                new Wrong("classic-trousers", Map.of("closure", "none"), null),
                new Wrong("classic-trousers", Map.of(), new Cloth(0.3, 1500, true, false)),
                new Wrong("palazzo", Map.of(), NARROW),
                new Wrong("tailored-shorts", Map.of(), null),
                new Wrong("drawcord-shorts", Map.of("elastic", 350.0), null),
                new Wrong("lounge-shorts", Map.of("waistEase", -200.0, "elasticStretch", 0.2), null));
    }

    @ParameterizedTest
    @MethodSource("wrongs")
    void every_remedy_of_an_inspection_makes_it_true_and_no_other_worse(Wrong wrong) {
        int applied = 0;
        Tried tried = new Tried();
        for (Way way : Catalogue.of(wrong.cut()).orElseThrow().ways()) {
            for (Bodies.Row row : Bodies.fourInTurn((wrong + way.id()).hashCode())) {
                Optional<Drafted> drafted = tried.draft(() -> Drafting.draft(DraftRequest.of(
                        wrong.cut(), way.id(), Bodies.withDepths(row), wrong.settings(), wrong.cloth())));
                if (drafted.isEmpty()) {
                    continue;
                }
                Drafted before = drafted.get();
                for (Check check : before.checks()) {
                    for (Remedy remedy : check.remedies()) {
                        String as = row + " " + way.id() + " " + check.id() + ": " + remedy.text() + remedy.settings();
                        Map<String, Verdict> after = verdicts(
                                Drafting.inspected(asked(before, wrong, remedy)).checks());
                        assertThat(after.get(check.id().id())).as(as).isEqualTo(Verdict.TRUE);
                        Map<String, Verdict> was = verdicts(before.checks());
                        after.forEach((id, verdict) -> assertThat(WORSE.indexOf(verdict))
                                .as(as + " spoils " + id)
                                .isLessThanOrEqualTo(WORSE.indexOf(was.getOrDefault(id, Verdict.TRUE))));
                        applied++;
                    }
                    assertThat(check.verdict() == Verdict.TRUE)
                            .isEqualTo(check.cause().isEmpty());
                }
            }
        }
        assertThat(applied).isPositive();
        tried.refusedAtMost(0);
    }

    private static final List<Verdict> WORSE = List.of(Verdict.TRUE, Verdict.NOT_TAKEN, Verdict.WATCH, Verdict.OFF);

    private static Map<String, Verdict> verdicts(List<Check> checks) {
        return checks.stream().collect(Collectors.toMap(c -> c.id().id(), Check::verdict));
    }

    private static DraftRequest asked(Drafted before, Wrong wrong, Remedy remedy) {
        Map<String, Object> settings = new HashMap<>(wrong.settings());
        remedy.givenBack().forEach(setting -> settings.remove(setting.key()));
        settings.putAll(SettingValue.told(remedy.settings()));
        Cloth cloth = before.request().cloth();
        if (remedy.clothWidth() != null) {
            cloth = new Cloth(cloth.stretch(), remedy.clothWidth(), cloth.folded(), cloth.oneWay());
        }
        return DraftRequest.of(
                wrong.cut(), before.request().way().id(), before.request().sheet(), settings, cloth);
    }

    @Test
    void every_remedy_of_a_notice_settles_it() {
        Set<String> settled = new TreeSet<>();
        for (Wrong wrong : Stream.of(
                        new Wrong("straight-skirt", Map.of(), null),
                        new Wrong("straight-skirt", Map.of("zipLength", 130.0), null))
                .toList()) {
            for (Bodies.Row row : Bodies.few()) {
                for (Way way : Ways.SKIRT) {
                    Drafted before = Drafting.draft(
                            DraftRequest.of(wrong.cut(), way.id(), row.sheet(), wrong.settings(), wrong.cloth()));
                    for (Notice notice : before.draft().notices()) {
                        if (notice.remedy() != null) {
                            assertThat(Drafting.drawn(asked(before, wrong, notice.remedy()))
                                            .draft()
                                            .notices())
                                    .as(row + " " + way.id() + " " + notice.id())
                                    .extracting(Notice::id)
                                    .doesNotContain(notice.id());
                            settled.add(notice.id());
                        }
                    }
                }
            }
        }
        assertThat(settled).contains("zip-ends-high");
    }
}
