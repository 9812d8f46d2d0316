package brightplumb.core.truing;

import static org.assertj.core.api.Assertions.assertThat;

import brightplumb.core.block.SkirtBlock;
import brightplumb.core.cut.Bodies;
import brightplumb.core.cut.DraftRequest;
import brightplumb.core.cut.Drafting;
import brightplumb.core.geometry.Line;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Rigid;
import brightplumb.core.geometry.Segment;
import brightplumb.core.paper.Dart;
import brightplumb.core.paper.Draft;
import brightplumb.core.paper.Edge;
import brightplumb.core.paper.Panel;
import brightplumb.core.paper.Piece;
import brightplumb.core.paper.Seam;
import brightplumb.core.rule.Body;
import brightplumb.core.rule.Cloth;
import brightplumb.core.rule.Family;
import brightplumb.core.rule.Settings;
import brightplumb.core.rule.Ways;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.Test;

/** Each inspection sees the fault it is there for: a sound draft is spoiled in one place, and the right plumb line leans. */
class SkirtChecksTest {

    private final Body body = Body.of(Bodies.inches(28, 38, 8));
    private final Settings set =
            new Settings(Ways.of(Family.SKIRT, "house").orElseThrow(), Map.of(), Map.of(), body, Cloth.WOVEN);
    private final Draft sound = SkirtBlock.draft(body, set);

    private List<String> off(Draft draft) {
        return SkirtChecks.of(draft, body, set).stream()
                .filter(c -> c.verdict() != Verdict.TRUE)
                .map(Check::id)
                .toList();
    }

    private Draft spoiled(Panel panel, UnaryOperator<Piece> how) {
        List<Piece> pieces = sound.pieces().stream()
                .map(p -> p.panel() == panel ? how.apply(p) : p)
                .toList();
        return new Draft(sound.steps(), sound.facts(), pieces, sound.levels(), sound.notices());
    }

    private static Piece with(Piece p, Edge edge, UnaryOperator<List<Segment>> how) {
        List<Seam> seams = p.seams().stream()
                .map(s -> s.edge() == edge ? new Seam(edge, how.apply(s.run())) : s)
                .toList();
        return new Piece(p.id(), p.panel(), seams, p.darts(), p.marks(), p.grain());
    }

    @Test
    void a_sound_draft_hangs_straight() {
        assertThat(off(sound)).isEmpty();
    }

    @Test
    void a_side_cut_longer_leans() {
        Draft longer = spoiled(
                Panel.BACK,
                p -> with(p, Edge.SIDE, run -> {
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
                p -> with(p, Edge.WAIST, run -> {
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
        assertThat(off(spoiled(Panel.BACK, p -> with(p, Edge.SIDE, in)))).contains("hip.closes");
        Draft wider = spoiled(Panel.BACK, p -> with(p, Edge.SIDE, out));
        assertThat(SkirtChecks.of(wider, body, set))
                .filteredOn(c -> c.id().equals("hip.closes"))
                .extracting(Check::verdict)
                .containsExactly(Verdict.WATCH);
    }

    @Test
    void a_hem_that_is_not_square_to_its_seam_leans() {
        Draft cornered = spoiled(
                Panel.FRONT,
                p -> with(p, Edge.HEM, run -> {
                    Point from = run.get(0).from();
                    return List.of(new Line(from, Point.of(0, from.y() + 30)));
                }));
        assertThat(off(cornered)).contains("joins.smooth");
    }

    @Test
    void a_dart_with_unequal_legs_or_too_near_the_hip_leans() {
        UnaryOperator<Piece> low =
                p -> darts(p, d -> new Dart(Point.of(d.point().x(), 195), d.inner(), d.outer(), 195));
        UnaryOperator<Piece> lame =
                p -> darts(p, d -> new Dart(d.point().plus(Point.of(9, 0)), d.inner(), d.outer(), d.length()));
        assertThat(off(spoiled(Panel.BACK, low))).contains("darts.sound");
        assertThat(off(spoiled(Panel.BACK, lame))).contains("darts.sound");
    }

    private static Piece darts(Piece p, UnaryOperator<Dart> how) {
        return new Piece(
                p.id(), p.panel(), p.seams(), p.darts().stream().map(how).toList(), p.marks(), p.grain());
    }

    @Test
    void a_dart_asked_to_take_too_much_leans_and_its_remedy_straightens_it() {
        Map<String, Object> heavy = Map.of("dartIntakeBack", 120.0);
        var before = Drafting.draft(
                DraftRequest.of("straight-skirt", "house", Bodies.inches(24, 46, 8), heavy, Cloth.WOVEN));
        Check darts = before.checks().stream()
                .filter(c -> c.id().equals("darts.sound"))
                .findFirst()
                .orElseThrow();
        assertThat(darts.verdict()).isEqualTo(Verdict.OFF);
        var after = Drafting.draft(DraftRequest.of(
                "straight-skirt",
                "house",
                Bodies.inches(24, 46, 8),
                darts.remedy().settings(),
                Cloth.WOVEN));
        assertThat(after.checks()).allSatisfy(c -> assertThat(c.verdict()).isEqualTo(Verdict.TRUE));
    }
}
