package brightplumb.core.style.fold;

import static brightplumb.core.rule.DartSettings.DARTS_FRONT;
import static brightplumb.core.rule.FoldSettings.FOLD_SEWN_DOWN;
import static brightplumb.core.rule.FoldSettings.FOLD_WIDTH;

import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Line;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Segment;
import brightplumb.core.measure.FieldPath;
import brightplumb.core.measure.Refusal;
import brightplumb.core.paper.Draft;
import brightplumb.core.paper.Drawn;
import brightplumb.core.pattern.Dart;
import brightplumb.core.pattern.EdgeRole;
import brightplumb.core.pattern.Fold;
import brightplumb.core.pattern.Folding;
import brightplumb.core.pattern.Half;
import brightplumb.core.pattern.Layer;
import brightplumb.core.pattern.Mark;
import brightplumb.core.pattern.Panel;
import brightplumb.core.pattern.Pattern;
import brightplumb.core.pattern.Piece;
import brightplumb.core.pattern.Relaid;
import brightplumb.core.pattern.Tolerance;
import brightplumb.core.rule.DartCount;
import brightplumb.core.rule.DartSettings;
import brightplumb.core.rule.LegFacts;
import brightplumb.core.rule.Rule;
import brightplumb.core.rule.Setting;
import brightplumb.core.rule.Settings;
import brightplumb.core.table.Evidence.Figure;
import brightplumb.core.table.MakingStep;
import brightplumb.core.table.Operation;
import brightplumb.core.table.Rank;
import brightplumb.core.table.StepId;
import brightplumb.core.table.Table;
import brightplumb.core.table.Work;
import brightplumb.core.working.Amount;
import brightplumb.core.working.Fact;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/**
 * An inverted box fold down the front crease: the front is cut along it and opened, folded from the face so that both
 * lines meet at the middle. It takes the front dart with it: each line moves out by half of what the dart took, at the
 * waist, and by nothing at its point. Common practice, no source.
 */
public final class BoxFold implements Operation {

    private static final Fact FOLD_TAKES = new Fact("fold.takes");

    public static final StepId STEP = new StepId("fold");

    @Override
    public String id() {
        return "box-fold";
    }

    @Override
    public String title() {
        return "Box fold";
    }

    @Override
    public Rank rank() {
        return Rank.SHAPE;
    }

    @Override
    public List<Setting> reads() {
        return List.of(FOLD_WIDTH, FOLD_SEWN_DOWN);
    }

    @Override
    public Map<Setting, Rule> asks() {
        return Map.of(
                FOLD_WIDTH, Rule.inches(5, "{5}: two and a half under each side."),
                FOLD_SEWN_DOWN, Rule.inches(0, "Caught in the waist seam only."),
                DARTS_FRONT, Rule.chosen(DartCount.ONE, "No front dart is sewn; the fold takes it whole."));
    }

    @Override
    public boolean fits(Draft before) {
        return before.found(LegFacts.CREASE.of(Half.FRONT))
                && before.pieces().stream().anyMatch(BoxFold::takes);
    }

    private static boolean takes(Piece piece) {
        return piece.panel().equals(Panel.FRONT)
                && piece.layer() == Layer.SHELL
                && piece.folds().isEmpty()
                && piece.edge(EdgeRole.WAIST).isPresent()
                && piece.edge(EdgeRole.HEM).isPresent();
    }

    @Override
    public Draft on(Draft before, Table table) {
        Amount wide = table.step(
                FOLD_WIDTH.fact(),
                "Box fold opened by",
                table.set(FOLD_WIDTH),
                table.set().why(FOLD_WIDTH));
        double crease = table.paper().known(LegFacts.CREASE.of(Half.FRONT)).value();
        Pattern pattern = before.pattern();
        for (Piece front : before.pieces().stream().filter(BoxFold::takes).toList()) {
            if (front.onBody().sewn().isPresent()) {
                throw new Refusal(
                        FieldPath.WITH,
                        "A front whose dart was moved is not folded along its crease; leave one of the two off");
            }
            Piece ready = oneDartOnTheCrease(front, crease);
            Piece folded = opened(table, ready, crease, wide.value());
            pattern = pattern.instead(folded.marked(marks(folded)));
            Fold fold = folded.folds().get(0);
            String sheet = front.id().toString();
            table.paper()
                    .draw(sheet, Drawn.Role.CONSTRUCTION, "", fold.out())
                    .draw(sheet, Drawn.Role.CONSTRUCTION, "", fold.middle())
                    .draw(sheet, Drawn.Role.CONSTRUCTION, "", fold.back());
            table.paper()
                    .draw(
                            sheet,
                            Drawn.Role.OUTLINE,
                            "",
                            folded.require(EdgeRole.WAIST).run())
                    .draw(
                            sheet,
                            Drawn.Role.OUTLINE,
                            "",
                            folded.require(EdgeRole.SIDE).run())
                    .draw(
                            sheet,
                            Drawn.Role.OUTLINE,
                            "",
                            folded.require(EdgeRole.HEM).run());
            table.step(
                    FOLD_TAKES,
                    "Box fold takes at the waist",
                    wide.plus(Amount.found("the front dart", mouth(ready)).called("front dart")),
                    "The dart is folded in with it: each line goes out by half the dart at the waist, by nothing at "
                            + "its point.");
        }
        Pattern folded = pattern;
        return table.finished(
                Relaid.joins(before.pattern(), pattern),
                off -> folded.pieces()
                        .forEach(front -> front.folds().stream()
                                .filter(f -> f.kind() == Fold.Kind.BOX)
                                .forEach(f -> off.off(
                                                FOLD_WIDTH.fact(),
                                                front.id().toString(),
                                                f.out().get(f.out().size() - 1).to(),
                                                f.back()
                                                        .get(f.back().size() - 1)
                                                        .to())
                                        .off(
                                                FOLD_TAKES,
                                                front.id().toString(),
                                                f.out().get(0).from(),
                                                f.back().get(0).from()))));
    }

    private static double mouth(Piece piece) {
        return piece.dartsOn(EdgeRole.WAIST).stream().mapToDouble(Dart::intake).sum();
    }

    /**
     * The front with its dart on the crease, where the fold will take it: a dart that stands beside it is shut there
     * and opened here.
     */
    private static Piece oneDartOnTheCrease(Piece front, double crease) {
        List<Dart> darts = front.dartsOn(EdgeRole.WAIST);
        if (darts.size() > 1) {
            throw new Refusal(
                    DartSettings.DART_INTAKE_FRONT.field(),
                    "A box fold takes one front dart with it, not two; let the front dart take less");
        }
        if (darts.isEmpty() || Math.abs(darts.get(0).point().x() - crease) < Tolerance.SHOWN) {
            return front;
        }
        throw new Refusal(
                DartSettings.DART_INTAKE_FRONT.field(),
                "The front dart has no room on the crease here, so that the box fold cannot take it; let it take less");
    }

    private static Piece opened(Table table, Piece front, double crease, double wide) {
        List<Segment> hem = front.require(EdgeRole.HEM).run();
        Point foot = at(hem, crease);
        List<Segment> before = new ArrayList<>();
        List<Segment> after = new ArrayList<>();
        List<Dart> darts = front.dartsOn(EdgeRole.WAIST);
        if (darts.isEmpty()) {
            Point top = at(front.require(EdgeRole.WAIST).run(), crease);
            before.add(new Line(top, foot));
            after.add(new Line(top, foot));
        } else {
            Dart dart = darts.get(0);
            before.addAll(List.of(dart.innerLeg(), new Line(dart.point(), foot)));
            after.addAll(List.of(dart.outerLeg().reversed(), new Line(dart.point(), foot)));
        }
        return Folding.opened(
                front.without(darts)
                        .withMarks(front.marks().stream()
                                .filter(m -> m.subject() != Mark.Subject.DART)
                                .toList()),
                EdgeRole.WAIST,
                EdgeRole.HEM,
                before,
                after,
                Point.of(wide, 0),
                Fold.Kind.BOX,
                table.set(FOLD_SEWN_DOWN).value());
    }

    /** Where an edge crosses the crease. */
    private static Point at(List<Segment> run, double crease) {
        for (Segment s : run) {
            var t = Curves.crossing(s, Point.of(crease, 0), Point.of(0, 1));
            if (t.isPresent()) {
                return s.at(t.getAsDouble());
            }
        }
        throw new Refusal(
                FieldPath.WITH, "The crease does not run from waist to hem here, so that no fold can be laid along it");
    }

    /** Both lines and the middle, notched at waist and hem. */
    private static List<Mark> marks(Piece folded) {
        Fold fold = folded.folds().get(0);
        Point up = Point.of(0, -1);
        Point down = Point.of(0, 1);
        List<Mark> marks = new ArrayList<>();
        for (List<Segment> line : List.of(fold.out(), fold.middle(), fold.back())) {
            String text = line == fold.middle() ? "fold, middle" : "fold line";
            marks.add(Mark.notch(Mark.Subject.FOLD, line.get(0).from(), up, 1, text));
            marks.add(Mark.notch(Mark.Subject.FOLD, line.get(line.size() - 1).to(), down, 1, text));
        }
        return marks;
    }

    @Override
    public List<MakingStep> making(Draft after, Settings set) {
        List<Piece> folded = after.pieces().stream()
                .filter(p -> p.folds().stream().anyMatch(f -> f.kind() == Fold.Kind.BOX))
                .toList();
        return List.of(MakingStep.of(
                        STEP,
                        "Box folds",
                        Work.FOLD,
                        "From the face, bring both fold lines to the middle line; press from waist to hem.",
                        set.amount(FOLD_SEWN_DOWN).value() > 0
                                ? "Stitch both edges down to their mark; baste across the top."
                                : "Baste across the top: the fold is caught in the waist seam only.")
                .showing(folded.stream()
                        .flatMap(p -> p.folds().stream()
                                .flatMap(f -> Stream.of(f.out(), f.back()))
                                .map(line -> new MakingStep.Shown(p.id(), line)))
                        .toList())
                .looking(List.of(Figure.mm("opened by", set.amount(FOLD_WIDTH).value())))
                .after(StepId.MARK, StepId.DARTS));
    }
}
