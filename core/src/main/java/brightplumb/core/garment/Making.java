package brightplumb.core.garment;

import brightplumb.core.making.Planned;
import brightplumb.core.making.Sequence;
import brightplumb.core.paper.Draft;
import brightplumb.core.rule.Body;
import brightplumb.core.rule.Settings;
import brightplumb.core.table.Operation;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** How a garment is made. */
public final class Making {

    private Making() {}

    /** The habits it can be made by: its recipe's own order first, where it has one. */
    public static List<Sequence> habits(Cut cut) {
        return Sequence.ALL.contains(cut.order())
                ? Sequence.ALL
                : Stream.concat(Stream.of(cut.order()), Sequence.ALL.stream()).toList();
    }

    /** The habit of that name, among those a cut can be made by. */
    public static Optional<Sequence> habit(Cut cut, String id) {
        return habits(cut).stream().filter(s -> s.id().equals(id)).findFirst();
    }

    /** The order of making by a habit. */
    public static Planned of(Drafted drafted, Sequence sequence) {
        Garment garment = Garment.of(drafted.request());
        Settings set = garment.settings(Body.of(drafted.request().sheet()));
        Draft draft = drafted.draft();
        List<Operation> done = Stream.concat(
                        garment.blocks().stream(),
                        drafted.made().stream().filter(Made::done).map(Made::operation))
                .toList();
        return Planned.of(draft, drafted.pieces(), set, done, sequence);
    }
}
