package brightplumb.core.truing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brightplumb.core.garment.Bodies;
import brightplumb.core.garment.Catalogue;
import brightplumb.core.garment.Cut;
import brightplumb.core.garment.DraftRequest;
import brightplumb.core.garment.Drafted;
import brightplumb.core.garment.Drafting;
import brightplumb.core.geometry.Point;
import brightplumb.core.measure.Measure;
import brightplumb.core.measure.Sheet;
import brightplumb.core.pattern.Panel;
import brightplumb.core.table.Check;
import brightplumb.core.table.Exhibit;
import brightplumb.core.table.Verdict;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * What a check calls measured was measured, what it wants is not bent towards it, and its evidence is of the piece it
 * speaks of.
 */
class FiguresAreMeasuredTest {

    private static final Sheet BODY = Bodies.withDepths(Bodies.all().get(10));
    private static final Set<String> FLOORS = Set.of(
            "thigh.room",
            "sits",
            "enters",
            "strides",
            "elastic.reaches",
            "hem.passes.heel",
            "centre.back.marked",
            "cloth.wide.enough");

    private static Drafted draft(String cut, Map<String, Object> settings) {
        return Drafting.draft(DraftRequest.of(cut, null, BODY, settings, null));
    }

    private static Check check(Drafted drafted, String id) {
        return drafted.checks().stream()
                .filter(c -> c.id().id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    static Stream<Cut> cuts() {
        return Catalogue.CUTS.stream();
    }

    @Test
    void a_gathered_waist_tells_the_waist_it_has_and_the_hip_it_must_pass_at_least() {
        Drafted shorts = draft("drawcord-shorts", Map.of());
        Check waist = check(shorts, "waist.closes");
        double drawn = WaistCloses.net(shorts.draft().panel(Panel.FRONT).worn())
                + WaistCloses.net(shorts.draft().panel(Panel.BACK));
        assertThat(waist.measured()).isCloseTo(drawn, within(1e-9));
        assertThat(waist.measured()).as("gathered, it is wider than it must be").isGreaterThan(waist.wanted() + 5);
        assertThat(waist.wanted())
                .isCloseTo(
                        BODY.reading(Measure.HIP_GIRTH).orElseThrow().length().mm() / 2, within(1e-9));
        assertThat(waist.atLeast()).isTrue();
        assertThat(waist.verdict()).isEqualTo(Verdict.TRUE);
        Check plain = check(draft("straight-skirt", Map.of()), "waist.closes");
        assertThat(plain.atLeast())
                .as("a fitted waist is as long as it says, no more")
                .isFalse();
    }

    @Test
    void room_for_the_thigh_is_wanted_whatever_there_is() {
        Check roomy = check(draft("palazzo", Map.of()), "thigh.room");
        Check tight =
                check(draft("classic-trousers", Map.of("backExtension", 40.0, "frontExtension", 25.0)), "thigh.room");
        assertThat(roomy.wanted()).as("one thigh, one wish").isCloseTo(tight.wanted(), within(1e-9));
        assertThat(roomy.difference()).isPositive();
        assertThat(tight.difference()).isNegative();
    }

    @Test
    void the_depth_is_held_to_the_rise_and_where_it_hangs_to_the_most_it_bears() {
        double rise = BODY.reading(Measure.BODY_RISE).orElseThrow().length().mm();
        Check sound = check(draft("classic-trousers", Map.of()), "crotch.depth");
        assertThat(sound.wanted()).isCloseTo(rise, within(1e-9));
        assertThat(sound.atLeast()).isTrue();
        Check hanging = check(draft("classic-trousers", Map.of("riseEase", 80.0)), "crotch.depth");
        assertThat(hanging.wanted()).isGreaterThan(rise);
        assertThat(hanging.atLeast()).isFalse();
        assertThat(hanging.difference()).isPositive();
    }

    @ParameterizedTest
    @MethodSource("cuts")
    void floors_are_told_as_floors_and_the_last_figure_of_the_evidence_is_what_is_wanted(Cut cut) {
        for (Check check : draft(cut.id(), Map.of()).checks()) {
            if (FLOORS.contains(check.id().id())) {
                assertThat(check.atLeast()).as(check.id().id()).isTrue();
            }
            if (check.atLeast() && check.verdict() != Verdict.OFF) {
                assertThat(check.measured()).as(check.id().id()).isGreaterThanOrEqualTo(check.wanted() - 4 * 25.4);
            }
        }
    }

    @Test
    void the_opening_of_a_fly_is_shown_on_the_front_and_a_centre_back_zip_on_the_back() {
        assertThat(openingInk(draft("classic-trousers", Map.of("closure", "fly"))))
                .containsOnly(Exhibit.Ink.FRONT);
        assertThat(openingInk(draft("straight-skirt", Map.of("closure", "centre-back-zip"))))
                .containsOnly(Exhibit.Ink.BACK);
        assertThat(openingInk(draft("straight-skirt", Map.of("closure", "side-zip"))))
                .containsExactlyInAnyOrder(Exhibit.Ink.FRONT, Exhibit.Ink.BACK);
    }

    /** The ink of the two edges of the opening, as they are named. */
    private static Set<Exhibit.Ink> openingInk(Drafted drafted) {
        return check(drafted, "enters").evidence().exhibit().notes().stream()
                .filter(n -> Set.of("zip", "fly").contains(n.text()))
                .map(Exhibit.Note::ink)
                .collect(java.util.stream.Collectors.toSet());
    }

    @Test
    void a_centre_that_drops_below_a_quarter_of_the_hip_is_drawn_without_holes() {
        for (String drop : new String[] {"centreBackDrop", "centreFrontDrop"}) {
            Drafted low = Drafting.draft(
                    DraftRequest.of("straight-skirt", "house", Bodies.inches(28, 38, 8), Map.of(drop, 60.0), null));
            for (Check check : low.checks()) {
                Exhibit exhibit = check.evidence().exhibit();
                assertThat(exhibit.strokes().stream()
                                .flatMap(s -> s.run().stream())
                                .flatMap(s -> Stream.of(s.from(), s.to())))
                        .as(drop + ", " + check.id())
                        .allMatch(FiguresAreMeasuredTest::isPlace);
            }
        }
    }

    @ParameterizedTest
    @MethodSource("cuts")
    void no_evidence_has_a_hole_on_any_of_the_bodies(Cut cut) {
        for (Bodies.Row row : Bodies.few()) {
            for (Check check : Bodies.drafted(cut.id(), null, row).checks()) {
                Exhibit exhibit = check.evidence().exhibit();
                assertThat(exhibit.strokes().stream().flatMap(s -> s.run().stream()))
                        .as(cut.id() + ", " + check.id())
                        .allMatch(s -> isPlace(s.from()) && isPlace(s.to()));
                assertThat(exhibit.spans()).allMatch(s -> isPlace(s.from()) && isPlace(s.to()));
                assertThat(exhibit.notes())
                        .allMatch(n -> isPlace(n.at()) && (n.value() == null || Double.isFinite(n.value())));
                assertThat(check.evidence().figures()).allMatch(f -> Double.isFinite(f.value()));
            }
        }
    }

    private static boolean isPlace(Point p) {
        return Double.isFinite(p.x()) && Double.isFinite(p.y());
    }
}
