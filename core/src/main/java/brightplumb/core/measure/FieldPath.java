package brightplumb.core.measure;

/**
 * The path of a field of a request, by which a fault says where it is: {@code measures.hipGirth}. Whatever has a field
 * knows its path.
 *
 * @param path names with dots between, as the request nests them; empty for the request as a whole
 */
public record FieldPath(String path) {

    /** The request as a whole. */
    public static final FieldPath REQUEST = new FieldPath("");

    /** All that was taken from the tape. */
    public static final FieldPath MEASURES = new FieldPath("measures");

    /** All that was set. */
    public static final FieldPath SETTINGS = new FieldPath("settings");

    /** The cloth. */
    public static final FieldPath CLOTH = new FieldPath("cloth");

    /** What is made with the garment beside its recipe. */
    public static final FieldPath WITH = new FieldPath("with");

    /** Returns the path of a field in this one. */
    public FieldPath of(String field) {
        return new FieldPath(path.isEmpty() ? field : path + "." + field);
    }

    /** Returns whether this is a field, or a field inside it. */
    public boolean isIn(FieldPath field) {
        return equals(field) || path.startsWith(field.path + ".");
    }

    @Override
    public String toString() {
        return path;
    }
}
