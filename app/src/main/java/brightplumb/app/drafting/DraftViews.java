package brightplumb.app.drafting;

import brightplumb.app.drafting.DraftView.*;
import brightplumb.core.cut.Drafted;
import brightplumb.core.cut.Drafting;
import brightplumb.core.cut.Rival;
import brightplumb.core.cutting.CutPiece;
import brightplumb.core.geometry.Cubic;
import brightplumb.core.geometry.Point;
import brightplumb.core.paper.Remedy;
import brightplumb.core.paper.Step;
import brightplumb.core.pattern.Dart;
import brightplumb.core.pattern.Edge;
import brightplumb.core.pattern.Join;
import brightplumb.core.pattern.Mark;
import brightplumb.core.pattern.Seam;
import brightplumb.core.pattern.Stretch;
import brightplumb.core.rule.Estimate;
import brightplumb.core.truing.Check;
import brightplumb.core.working.Amount;
import brightplumb.core.working.Token;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** Turns what the core answers into the contract's names. */
final class DraftViews {

    /** The cloth that is seen; other layers come with the pieces that lie in them. */
    private static final String SHELL = "shell";

    private DraftViews() {}

    static DraftView of(Drafted drafted) {
        Map<String, List<Rival>> rivals = Drafting.rivals(drafted);
        Map<String, Double> facts = new LinkedHashMap<>();
        drafted.draft().facts().forEach((name, amount) -> facts.put(name, amount.value()));
        return new DraftView(
                drafted.request().cut().id(),
                drafted.request().way().id(),
                facts,
                drafted.draft().steps().stream()
                        .map(s -> step(s, rivals.getOrDefault(s.id(), List.of())))
                        .toList(),
                drafted.pieces().stream()
                        .map(p -> piece(p, drafted.draft().joins()))
                        .toList(),
                drafted.draft().joins().stream().map(DraftViews::join).toList(),
                drafted.checks().stream().map(DraftViews::check).toList(),
                drafted.draft().notices().stream()
                        .map(n -> new NoticeView(n.id(), n.text(), remedy(n.remedy())))
                        .toList(),
                drafted.estimates().stream().map(DraftViews::estimate).toList(),
                drafted.draft().levels().stream()
                        .map(l -> new LevelView(l.name(), l.y()))
                        .toList(),
                inForce(drafted),
                ClothView.of(drafted.request().cloth()));
    }

    static EstimateView estimate(Estimate e) {
        return new EstimateView(e.measure().key(), e.amount().value(), e.rule());
    }

    private static Map<String, InForceView> inForce(Drafted drafted) {
        Map<String, InForceView> settings = new LinkedHashMap<>();
        drafted.settings()
                .forEach(s -> settings.put(
                        s.setting().key(),
                        new InForceView(
                                s.amount() == null ? null : s.amount().value(),
                                s.choice() == null ? null : s.choice().id(),
                                s.byHand(),
                                s.amount() == null ? "" : s.amount().formula(),
                                s.why())));
        return settings;
    }

    private static StepView step(Step step, List<Rival> rivals) {
        Amount amount = step.amount();
        return new StepView(
                step.id(),
                step.title(),
                amount.formula(),
                amount.working().stream().map(DraftViews::token).toList(),
                amount.value(),
                kind(amount.kind()),
                amount.id(),
                step.why(),
                rivals.stream()
                        .map(r -> new RivalView(r.way(), r.title(), r.value(), r.formula()))
                        .toList(),
                amount.estimated(),
                amount.overridden(),
                step.drawn().stream()
                        .map(d -> new DrawnView(
                                d.panel().id(), d.role().name().toLowerCase(Locale.ROOT), d.label(), segments(d.run())))
                        .toList());
    }

    private static String kind(Amount.Kind kind) {
        return kind.name().toLowerCase(Locale.ROOT);
    }

    private static DraftView.Token token(Token token) {
        if (token instanceof Token.Op op) {
            return new DraftView.Token(op.op(), null, null, null, null);
        }
        if (token instanceof Token.Number number) {
            return new DraftView.Token(null, number.number(), null, null, null);
        }
        Token.Name name = (Token.Name) token;
        return new DraftView.Token(null, null, name.name(), name.value(), kind(name.kind()));
    }

    static List<DraftView.Segment> segments(List<brightplumb.core.geometry.Segment> run) {
        return run.stream()
                .map(s -> s instanceof Cubic k
                        ? new DraftView.Segment("cubic", xy(k.from()), xy(k.c1()), xy(k.c2()), xy(k.to()))
                        : new DraftView.Segment("line", xy(s.from()), null, null, xy(s.to())))
                .toList();
    }

    static double[] xy(Point p) {
        return new double[] {p.x(), p.y()};
    }

    private static JoinView join(Join join) {
        Stretch one = join.layers().get(0).stretches().get(0);
        Stretch other = join.layers().get(1).stretches().get(0);
        return new JoinView(
                join.seam(),
                one.name(),
                other.name(),
                one.from(),
                one.to(),
                one.length(),
                join.eased(),
                join.kind().name().toLowerCase(Locale.ROOT));
    }

    private static PieceView piece(CutPiece cut, List<Join> joins) {
        var piece = cut.piece();
        List<SeamView> seams = new ArrayList<>();
        int at = 0;
        for (Seam seam : piece.seams()) {
            List<Integer> segments = new ArrayList<>();
            for (int i = 0; i < seam.run().size(); i++) {
                segments.add(at++);
            }
            seams.add(new SeamView(
                    seam.edge().id(),
                    seam.length(),
                    cut.allowances().getOrDefault(seam.edge(), 0.0),
                    pairsWith(piece.id(), seam.edge(), joins),
                    segments));
        }
        return new PieceView(
                piece.id(),
                cut.name(),
                piece.panel().id(),
                SHELL,
                cut.cut(),
                cut.onFold(),
                cut.mirrored(),
                false,
                segments(piece.sewLine()),
                segments(cut.cutLine()),
                seams,
                piece.darts().stream().map(DraftViews::dart).toList(),
                piece.marks().stream().map(DraftViews::mark).toList(),
                new double[][] {xy(piece.grain().from()), xy(piece.grain().to())},
                List.of(cut.name(), cut.instruction()));
    }

    /** The edge an edge is sewn to, as piece and edge; null where it is sewn to nothing. */
    private static String pairsWith(String piece, Edge edge, List<Join> joins) {
        return joins.stream()
                .flatMap(join -> join.partner(piece, edge).stream())
                .findFirst()
                .map(Stretch::name)
                .orElse(null);
    }

    private static DartView dart(Dart dart) {
        return new DartView(xy(dart.centre()), dart.intake(), dart.length(), xy(dart.point()), new double[][] {
            xy(dart.inner()), xy(dart.outer())
        });
    }

    private static MarkView mark(Mark mark) {
        return new MarkView(
                mark.kind().name().toLowerCase(Locale.ROOT),
                xy(mark.at()),
                xy(mark.direction()),
                mark.count(),
                mark.text(),
                mark.along());
    }

    private static CheckView check(Check c) {
        return new CheckView(
                c.id(),
                c.title(),
                c.verdict().id(),
                c.measured(),
                c.wanted(),
                c.difference(),
                c.tolerance(),
                c.atLeast(),
                c.quantity().id(),
                c.text(),
                c.cause(),
                c.remedies().isEmpty() ? null : remedy(c.remedies().get(0)),
                c.remedies().stream().map(DraftViews::remedy).toList());
    }

    private static RemedyView remedy(Remedy remedy) {
        return remedy == null ? null : new RemedyView(remedy.text(), remedy.settings(), remedy.clothWidth());
    }
}
