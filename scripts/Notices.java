import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Enumeration;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;

/**
 * Writes down whose work ships with the application: every Java library of a class path and every package of the
 * page, with the licences and notices that they bring. Run by the build: {@code java Notices.java CLASSPATH-FILE
 * PACKAGES-FOLDER LOCK-FILE OUT}.
 */
public final class Notices {

    private static final String NAMES = "(?i)(META-INF/)?(LICEN[CS]E|NOTICE|COPYING|OFL)[^/]*";

    /** Texts, each with all that bring it. */
    private final Map<String, List<String>> texts = new LinkedHashMap<>();

    public static void main(String[] given) throws IOException {
        Notices notices = new Notices();
        for (String entry : Files.readString(Path.of(given[0])).strip().split(":")) {
            if (entry.endsWith(".jar")) {
                notices.jar(Path.of(entry));
            }
        }
        notices.packages(Path.of(given[1]), Path.of(given[2]));
        notices.write(Path.of(given[3]));
    }

    private void jar(Path jar) throws IOException {
        String name = jar.getFileName().toString().replaceFirst("\\.jar$", "");
        boolean any = false;
        try (ZipFile zip = new ZipFile(jar.toFile())) {
            for (Enumeration<? extends ZipEntry> all = zip.entries(); all.hasMoreElements(); ) {
                ZipEntry entry = all.nextElement();
                if (!entry.isDirectory() && entry.getName().matches(NAMES) && !entry.getName().endsWith(".class")) {
                    try (InputStream in = zip.getInputStream(entry)) {
                        add(new String(in.readAllBytes(), StandardCharsets.UTF_8), name);
                        any = true;
                    }
                }
            }
        }
        if (!any) {
            Path pom = jar.resolveSibling(name + ".pom");
            String said = Files.exists(pom) ? Files.readString(pom) : "";
            String licence = said.contains("<license>")
                    ? said.replaceFirst("(?s).*?<license>.*?<name>\\s*(.*?)\\s*</name>.*", "$1")
                    : "as its authors publish it";
            add("Licence: " + licence, name);
        }
    }

    /** Every package that the page is built from, not those that only build or test it. */
    private void packages(Path folder, Path lock) throws IOException {
        for (String block : Files.readString(lock).split("\n    \"node_modules/")) {
            String path = block.substring(0, Math.max(0, block.indexOf('"')));
            Path place = folder.resolve(path);
            boolean ships = !block.contains("\"dev\": true") && !block.contains("\"optional\": true");
            if (!path.isEmpty() && ships && Files.isDirectory(place)) {
                try (Stream<Path> files = Files.list(place)) {
                    List<Path> found = files.filter(
                                    f -> Files.isRegularFile(f) && f.getFileName().toString().matches(NAMES))
                            .sorted()
                            .toList();
                    for (Path file : found) {
                        add(Files.readString(file), path);
                    }
                    if (found.isEmpty()) {
                        add("Licence: " + block.replaceFirst("(?s).*?\"license\": \"(.*?)\".*", "$1"), path);
                    }
                }
            }
        }
    }

    private void add(String text, String of) {
        List<String> all = texts.computeIfAbsent(text.strip(), t -> new ArrayList<>());
        if (!all.contains(of)) {
            all.add(of);
        }
    }

    private void write(Path out) throws IOException {
        StringBuilder all = new StringBuilder(
                "Bright Plumb is under the Apache License 2.0. It is made with the work of others:\n");
        texts.forEach((text, of) -> all.append("\n")
                .append("=".repeat(80))
                .append("\n")
                .append(String.join(", ", of))
                .append("\n\n")
                .append(text)
                .append("\n"));
        Files.createDirectories(out.getParent());
        Files.writeString(out, all);
    }
}
