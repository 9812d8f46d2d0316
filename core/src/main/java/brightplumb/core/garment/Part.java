package brightplumb.core.garment;

import brightplumb.core.fitting.Remark;
import brightplumb.core.rule.Way;
import brightplumb.core.table.Inspection;
import brightplumb.core.table.Operation;
import java.util.List;

/**
 * A part of a garment: its block, the ways it is drafted in, what is looked at on it, and what a fitting may say of it.
 *
 * @param id its name in files
 * @param block draws it, on what stands above it
 * @param ways how it can be drafted, in the order they are offered
 * @param checks the inspections of it, in the order a cutter makes them
 * @param remarks what a fitting may say of it, from the waist down
 */
public record Part(String id, Operation block, List<Way> ways, List<Inspection> checks, List<Remark> remarks) {

    public Part {
        ways = List.copyOf(ways);
        checks = List.copyOf(checks);
        remarks = List.copyOf(remarks);
    }
}
