package brightplumb.core.truing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brightplumb.core.block.skirt.Skirt;
import brightplumb.core.garment.Bodies;
import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Line;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Rigid;
import brightplumb.core.geometry.Segment;
import brightplumb.core.paper.Draft;
import brightplumb.core.pattern.Dart;
import brightplumb.core.pattern.EdgeRole;
import brightplumb.core.pattern.Hand;
import brightplumb.core.pattern.Join;
import brightplumb.core.pattern.Panel;
import brightplumb.core.pattern.Pattern;
import brightplumb.core.pattern.Piece;
import brightplumb.core.pattern.Seam;
import brightplumb.core.rule.Body;
import brightplumb.core.rule.Cloth;
import brightplumb.core.rule.HemSettings;
import brightplumb.core.rule.Settings;
import brightplumb.core.rule.Ways;
import brightplumb.core.table.Check;
import brightplumb.core.table.DraftingTable;
import brightplumb.core.table.Exhibit;
import brightplumb.core.table.Inspected;
import brightplumb.core.table.Table;
import brightplumb.core.table.Verdict;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.Test;

/**
 * Each inspection sees the fault it is there for: a sound draft is spoiled in one place, and the right plumb line
 * leans.
 */
class SkirtChecksTest {

    private static final DraftingTable UNTRIED = set -> {
        throw new AssertionError("Nothing is tried here");
    };

    private final Body body = Body.of(Bodies.inches(28, 38, 8));
    private final Settings set = new Settings(
            Ways.SKIRT.get(3), Map.of(), Map.of(HemSettings.SLIT, HemSettings.SLIT.value(150)), body, Cloth.WOVEN);
    private final Draft sound =
            new Skirt().on(Draft.EMPTY, Table.laid(Bodies.inches(28, 38, 8), List.of(), set, Draft.EMPTY));

    private List<Check> checks(Draft draft) {
        Inspected on = Inspected.of(draft, body, set, UNTRIED, Hand.BOTH);
        return SkirtChecks.ALL.stream().flatMap(i -> i.of(on).stream()).toList();
    }

    private List<String> off(Draft draft) {
        return checks(draft).stream()
                .filter(c -> c.verdict() != Verdict.TRUE)
                .map(c -> c.id().id())
                .toList();
    }

    private Draft spoiled(Panel panel, UnaryOperator<Piece> how) {
        List<Piece> pieces = sound.pieces().stream()
                .map(p -> p.panel().equals(panel) ? how.apply(p) : p)
                .toList();
        List<Join> joins = new ArrayList<>(sound.joins().stream()
                .filter(j -> j.kind() == Join.Kind.MIRRORED)
                .toList());
        joins.add(Join.sewn(Seam.SIDE, EdgeRole.SIDE, pieces.get(0), pieces.get(1)));
        return sound.with(new Pattern(pieces, joins));
    }

    private static Piece with(Piece p, EdgeRole edge, UnaryOperator<List<Segment>> how) {
        return p.withEdges(p.edges().stream()
                .map(s -> s.role().equals(edge) ? s.along(how.apply(s.run())) : s)
                .toList());
    }

    @Test
    void a_sound_draft_hangs_straight() {
        assertThat(off(sound)).isEmpty();
    }

    @Test
    void a_side_cut_longer_leans() {
        Draft longer = spoiled(
                Panel.BACK,
                p -> with(p, EdgeRole.SIDE, run -> {
                    List<Segment> out = new ArrayList<>(run);
                    Point end = run.get(run.size() - 1).to();
                    out.add(new Line(end, end.plus(Point.of(0, 6))));
                    return out;
                }));
        assertThat(off(longer)).contains("side.meets");
    }

    @Test
    void a_waist_drawn_too_long_leans() {
        Draft wide = spoiled(
                Panel.FRONT,
                p -> with(p, EdgeRole.WAIST, run -> {
                    List<Segment> out = new ArrayList<>(run);
                    out.add(new Line(
                            run.get(run.size() - 1).to(),
                            run.get(run.size() - 1).to().plus(Point.of(5, 0))));
                    return out;
                }));
        assertThat(off(wide)).contains("waist.closes");
    }

    @Test
    void a_hip_narrower_than_it_says_leans_and_a_wider_one_is_to_watch() {
        UnaryOperator<List<Segment>> in = run ->
                run.stream().map(s -> s.moved(Rigid.slide(Point.of(-6, 0)))).toList();
        UnaryOperator<List<Segment>> out = run ->
                run.stream().map(s -> s.moved(Rigid.slide(Point.of(6, 0)))).toList();
        assertThat(off(spoiled(Panel.BACK, p -> with(p, EdgeRole.SIDE, in)))).contains("hip.closes");
        Draft wider = spoiled(Panel.BACK, p -> with(p, EdgeRole.SIDE, out));
        assertThat(checks(wider))
                .filteredOn(c -> c.id().id().equals("hip.closes"))
                .extracting(Check::verdict)
                .containsExactly(Verdict.WATCH);
    }

    @Test
    void a_hem_that_is_not_square_to_its_seam_leans() {
        Draft cornered = spoiled(
                Panel.FRONT,
                p -> with(p, EdgeRole.HEM, run -> {
                    Point from = run.get(0).from();
                    return List.of(new Line(from, Point.of(0, from.y() + 30)));
                }));
        assertThat(off(cornered)).contains("joins.smooth");
    }

    @Test
    void a_dart_with_unequal_legs_or_too_near_the_hip_leans() {
        UnaryOperator<Piece> low =
                p -> darts(p, d -> new Dart(Point.of(d.point().x(), 195), d.inner(), d.outer()));
        UnaryOperator<Piece> lame = p -> darts(p, d -> new Dart(d.point().plus(Point.of(9, 0)), d.inner(), d.outer()));
        assertThat(off(spoiled(Panel.BACK, low))).contains("darts.sound");
        assertThat(off(spoiled(Panel.BACK, lame))).contains("darts.sound");
    }

    private static Piece darts(Piece p, UnaryOperator<Dart> how) {
        return p.withDarts(p.darts().stream().map(how).toList());
    }

    @Test
    void a_shaped_centre_back_without_its_notches_leans() {
        Draft bare = spoiled(Panel.BACK, p -> p.withMarks(List.of()));
        assertThat(off(bare)).containsExactly("centre.back.marked");
    }

    @Test
    void an_opening_too_short_for_the_hip_leans() {
        Draft shut = spoiled(
                Panel.BACK,
                p -> with(
                        p,
                        EdgeRole.CENTRE_BACK_ZIP,
                        run -> Curves.cutAt(run, 90).get(1)));
        assertThat(off(shut)).contains("enters");
    }

    @Test
    void evidence_is_made_of_the_lines_that_were_measured() {
        for (Check check : checks(sound)) {
            Exhibit exhibit = check.evidence().exhibit();
            assertThat(exhibit.strokes()).as(check.id().id()).isNotEmpty();
            assertThat(check.evidence().figures()).as(check.id().id()).isNotEmpty();
            assertThat(exhibit.strokes())
                    .as(check.id().id())
                    .allSatisfy(s -> assertThat(Curves.length(s.run())).isFinite());
        }
    }

    @Test
    void the_waist_laid_out_with_its_darts_shut_is_one_line_of_the_measured_length() {
        Check waist = checks(sound).get(0);
        List<Segment> line = new ArrayList<>();
        for (Exhibit.Stroke stroke : waist.evidence().exhibit().strokes()) {
            if (stroke.ink() == Exhibit.Ink.FRONT) {
                line.addAll(stroke.run());
            } else if (stroke.ink() == Exhibit.Ink.BACK) {
                line.addAll(Curves.reversed(stroke.run()));
            }
        }
        assertThat(Curves.length(line)).isCloseTo(waist.measured(), within(1e-6));
        for (int i = 1; i < line.size(); i++) {
            assertThat(line.get(i).from().distance(line.get(i - 1).to())).isLessThan(1e-6);
            assertThat(line.get(i).direction(0).angleTo(line.get(i - 1).direction(1)))
                    .isLessThan(1);
        }
    }
}
