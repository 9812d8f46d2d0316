package brightplumb.core.making;

import static brightplumb.core.table.Exhibit.Ink.PENCIL;
import static brightplumb.core.table.Exhibit.Ink.PLAIN;
import static brightplumb.core.table.Exhibit.Ink.SEAM;

import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Rigid;
import brightplumb.core.geometry.Segment;
import brightplumb.core.paper.Draft;
import brightplumb.core.pattern.Join;
import brightplumb.core.pattern.Layer;
import brightplumb.core.pattern.Mark;
import brightplumb.core.pattern.Piece;
import brightplumb.core.pattern.PieceId;
import brightplumb.core.pattern.Run;
import brightplumb.core.pattern.Stretch;
import brightplumb.core.table.Exhibit;
import brightplumb.core.table.MakingStep;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * The pieces of a step as they lie on the table, the seam in hand drawn heavily: two that are sewn to each other face
 * each other with their notches tied; others lie in a row, long ones above.
 */
final class InHand {

    private static final double GAP = 90;
    private static final double NOTCH = 16;

    /** So many letters of a name go across a picture, and down it. */
    private static final double LETTERS_ACROSS = 56;

    /** The least a letter takes, mm. */
    private static final double LETTER = 13;

    /** A longer name is written in two lines. */
    private static final int LETTERS_A_LINE = 13;

    /** From one line of a name to the next, letters. */
    private static final double LINE = 2.25;

    /**
     * Names make room for themselves, which makes the picture larger and its letters with it: so often is it laid out
     * again.
     */
    private static final int ROUNDS = 4;

    private static final double ON_THE_SEAM = 3;

    /** A name wider than this share of its piece would lie on its lines. */
    private static final double ON_A_PIECE = 0.7;

    private final Draft draft;
    private final MakingStep step;
    private final Exhibit.Table table = new Exhibit.Table();
    private final double letter;

    private InHand(Draft draft, MakingStep step, double letter) {
        this.draft = draft;
        this.step = step;
        this.letter = letter;
    }

    /** The picture of a step; without strokes where no piece is in hand. */
    static Exhibit of(Draft draft, MakingStep step) {
        double letter = LETTER;
        Exhibit laid = laid(draft, step, letter);
        for (int round = 1; round < ROUNDS && needed(laid) > letter; round++) {
            letter = needed(laid);
            laid = laid(draft, step, letter);
        }
        return laid;
    }

    /** How much a letter takes of a picture of that size, mm. */
    private static double needed(Exhibit laid) {
        List<Segment> all =
                laid.strokes().stream().flatMap(s -> s.run().stream()).toList();
        return all.isEmpty() ? 0 : Math.max(Box.of(all).width(), Box.of(all).height()) / LETTERS_ACROSS;
    }

    private static Exhibit laid(Draft draft, MakingStep step, double letter) {
        InHand hand = new InHand(draft, step, letter);
        List<Join> joins = draft.joins().stream()
                .filter(j -> step.seams().contains(j.seam()))
                .toList();
        if (step.shows().isEmpty() && !joins.isEmpty() && joins.stream().allMatch(InHand::faces) && eachOnce(joins)) {
            double y = 0;
            for (Join join : joins) {
                y = hand.facing(join, y);
            }
        } else {
            hand.inARow(joins);
        }
        return hand.table.done();
    }

    /** Whether a join is one edge on one edge, so that both pieces can lie face to face. */
    private static boolean faces(Join join) {
        return join.layers().size() == 2
                && join.kind() != Join.Kind.LAID
                && join.layers().stream().allMatch(r -> onePiece(r))
                && (join.kind() == Join.Kind.MIRRORED
                        || !join.layers()
                                .get(0)
                                .piece()
                                .equals(join.layers().get(1).piece()));
    }

    /**
     * Whether no two pieces are sewn to each other in more places than one: then they lie on each other, and face to
     * face nowhere.
     */
    private static boolean eachOnce(List<Join> joins) {
        return joins.stream()
                        .map(j -> j.layers().stream().map(Run::piece).toList())
                        .distinct()
                        .count()
                == joins.size();
    }

    private static boolean onePiece(Run run) {
        return run.stretches().stream().map(Stretch::piece).distinct().count() == 1;
    }

    /** Both pieces of a join, its seam toward the other's; how far down the picture has come. */
    private double facing(Join join, double y) {
        List<Rigid> moves = new ArrayList<>();
        double x = 0;
        double bottom = y;
        // One level waist line through both.
        double level = y
                - join.layers().stream()
                        .mapToDouble(
                                r -> Box.of(draft.piece(r.piece()).sewLine()).top())
                        .min()
                        .orElse(0);
        Piece other = draft.piece(join.layers().get(1).piece());
        for (int i = 0; i < 2; i++) {
            Run run = join.layers().get(i);
            Piece piece = draft.piece(run.piece());
            List<Segment> seam = draft.pattern().lines(run);
            Box box = Box.of(piece.sewLine());
            boolean onRight = Box.of(seam).middle().x() > box.middle().x();
            boolean flipped = onRight == (i == 1);
            Rigid turn = flipped ? Exhibit.MIRRORED : Rigid.STAY;
            Box laid = Box.of(Curves.moved(piece.sewLine(), turn));
            Rigid move = Rigid.slide(Point.of(x - laid.left(), level)).after(turn);
            moves.add(move);
            lay(piece, move);
            table.draw(SEAM, Curves.moved(seam, move));
            if (i == 0) {
                x = Math.max(
                        laid.width() + GAP,
                        // Far enough apart for both their names.
                        (laid.width()
                                                + named(piece)
                                                + named(other)
                                                - Box.of(other.sewLine()).width())
                                        / 2
                                + GAP);
            }
            bottom = Math.max(bottom, level + laid.bottom() + under(laid, piece));
        }
        ties(join, moves);
        return bottom + GAP;
    }

    /** Notches that meet, tied to each other. */
    private void ties(Join join, List<Rigid> moves) {
        List<Mark> ones = notches(join.layers().get(0));
        List<Mark> others = notches(join.layers().get(1));
        for (Mark one : ones) {
            for (Mark other : others) {
                if (one.text().equals(other.text()) && Math.abs(one.along() - other.along()) < 0.5) {
                    Point from = moves.get(0).apply(one.at());
                    Point to = moves.get(1).apply(other.at());
                    table.draw(PENCIL, from, to)
                            .say(PENCIL, from.toward(to, 0.5).minus(Point.of(0, 14)), one.text());
                    notch(one, moves.get(0));
                    notch(other, moves.get(1));
                    break;
                }
            }
        }
    }

    private List<Mark> notches(Run run) {
        List<Segment> seam = draft.pattern().lines(run);
        return draft.piece(run.piece()).marks().stream()
                .filter(m -> m.along() != null && Curves.near(seam, m.at(), ON_THE_SEAM))
                .toList();
    }

    private void notch(Mark mark, Rigid move) {
        Point at = move.apply(mark.at());
        Point out = move.direction(mark.direction());
        for (int stroke = 0; stroke < mark.count(); stroke++) {
            Point beside = at.plus(out.turned().times(8 * (stroke - (mark.count() - 1) / 2.0)));
            table.draw(PLAIN, beside, beside.plus(out.times(NOTCH)));
        }
    }

    /** Pieces side by side, those that lie along the cloth above the others, with what is in hand on each. */
    private void inARow(List<Join> joins) {
        Map<PieceId, List<List<Segment>>> lines = new LinkedHashMap<>();
        step.pieces().forEach(id -> lines.computeIfAbsent(id, p -> new ArrayList<>()));
        step.shows()
                .forEach(s ->
                        lines.computeIfAbsent(s.piece(), p -> new ArrayList<>()).add(s.run()));
        for (Join join : joins) {
            for (Run run : join.layers()) {
                for (Stretch s : run.stretches()) {
                    lines.computeIfAbsent(s.piece(), p -> new ArrayList<>())
                            .add(draft.pattern().lines(Run.of(s)));
                }
            }
        }
        // A fusing has the shape of the piece it lies on.
        lines.keySet()
                .removeIf(id -> draft.piece(id).layer() == Layer.FUSING
                        && lines.keySet().stream().anyMatch(p -> id.equals(p.fusing())));
        List<Piece> lying = new ArrayList<>();
        List<Piece> standing = new ArrayList<>();
        for (PieceId id : lines.keySet()) {
            Piece piece = draft.piece(id);
            Box box = Box.of(piece.sewLine());
            (box.width() > 2 * box.height() ? lying : standing).add(piece);
        }
        standing.sort(Comparator.comparingDouble(p -> -Box.of(p.sewLine()).height()));
        double wide = across(lines.keySet());
        inRows(standing, lines, wide, inRows(lying, lines, wide, 0));
    }

    /** Pieces in rows of at most so wide, the first from so far down; how far down the next row would begin. */
    private double inRows(List<Piece> pieces, Map<PieceId, List<List<Segment>>> lines, double wide, double from) {
        double x = 0;
        double y = from;
        double below = from - GAP;
        for (Piece piece : pieces) {
            Box box = Box.of(piece.sewLine());
            double takes = takes(piece);
            if (x > 0 && x + takes > wide) {
                x = 0;
                y = below + GAP;
            }
            double inset = (takes - box.width()) / 2;
            double bottom = shown(piece, lines.get(piece.id()), Point.of(x + inset - box.left(), y - box.top()));
            below = Math.max(below, bottom + under(box, piece));
            x += takes + GAP;
        }
        return below + GAP;
    }

    /** How wide a piece and its name stand, mm. */
    private double takes(Piece piece) {
        return Math.max(Box.of(piece.sewLine()).width(), named(piece));
    }

    /**
     * How wide rows of pieces are made, so that the picture is about as high as it is wide: as wide as the longest at
     * least, mm.
     */
    private double across(Set<PieceId> pieces) {
        double area = 0;
        double widest = 0;
        for (PieceId id : pieces) {
            Piece piece = draft.piece(id);
            Box box = Box.of(piece.sewLine());
            area += (takes(piece) + GAP) * (box.height() + under(box, piece) + GAP);
            widest = Math.max(widest, takes(piece));
        }
        return Math.max(widest, 1.2 * Math.sqrt(area));
    }

    /** How much a name that stands under its piece takes there, mm. */
    private double under(Box box, Piece piece) {
        return beneath(box, piece) ? letter * (0.75 + LINE * lines(piece)) : 0;
    }

    private boolean beneath(Box box, Piece piece) {
        return named(piece) > ON_A_PIECE * box.width() || box.height() < letter * (0.75 + LINE * lines(piece));
    }

    private double shown(Piece piece, List<List<Segment>> lines, Point at) {
        Rigid move = Rigid.slide(at);
        lay(piece, move);
        lines.forEach(l -> table.draw(SEAM, Curves.moved(l, move)));
        return Box.of(Curves.moved(piece.sewLine(), move)).bottom();
    }

    private void lay(Piece piece, Rigid move) {
        List<Segment> outline = Curves.moved(piece.sewLine(), move);
        Box box = Box.of(outline);
        table.fill(Exhibit.ink(piece), outline).draw(Exhibit.ink(piece), outline);
        // A name that is longer than its piece is wide stands under it.
        table.say(
                Exhibit.ink(piece),
                beneath(box, piece)
                        ? Point.of(box.middle().x(), box.bottom() + letter * (1.375 + LINE / 2 * lines(piece)))
                        : box.middle(),
                name(piece));
    }

    /** How wide a piece's name is on the table, about, mm. */
    private double named(Piece piece) {
        return name(piece).lines().mapToInt(String::length).max().orElse(0) * letter;
    }

    private static long lines(Piece piece) {
        return name(piece).lines().count();
    }

    /** A piece's name as it is written beside it: a long one in two lines, parted where they are most alike. */
    static String name(Piece piece) {
        String title = piece.title();
        int middle = title.length() / 2;
        int before = title.lastIndexOf(' ', middle);
        int after = title.indexOf(' ', middle);
        int space = after < 0 || before >= 0 && middle - before < after - middle ? before : after;
        return title.length() <= LETTERS_A_LINE || space < 0
                ? title
                : title.substring(0, space) + "\n" + title.substring(space + 1);
    }

    /** What lines take up. */
    private record Box(double left, double right, double top, double bottom) {

        static Box of(List<Segment> lines) {
            double left = Double.POSITIVE_INFINITY;
            double right = Double.NEGATIVE_INFINITY;
            double top = Double.POSITIVE_INFINITY;
            double bottom = Double.NEGATIVE_INFINITY;
            for (Point p : Curves.flattened(lines, 8)) {
                left = Math.min(left, p.x());
                right = Math.max(right, p.x());
                top = Math.min(top, p.y());
                bottom = Math.max(bottom, p.y());
            }
            return new Box(left, right, top, bottom);
        }

        double width() {
            return right - left;
        }

        double height() {
            return bottom - top;
        }

        Point middle() {
            return Point.of((left + right) / 2, (top + bottom) / 2);
        }
    }
}
