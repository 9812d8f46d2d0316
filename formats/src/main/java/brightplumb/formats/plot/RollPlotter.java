package brightplumb.formats.plot;

import brightplumb.core.geometry.Point;
import brightplumb.formats.plot.PlotReader.Stroke;
import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Font;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Path2D;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.function.IntConsumer;
import javax.imageio.ImageIO;

/**
 * A stand-in for a roll plotter, where there is none: it takes a plot file, tells how far it is, and leaves a picture
 * of what it drew. It can jam, as they do; it then says where, and keeps the picture of what was drawn until then.
 */
public final class RollPlotter {

    private static final Color[] PENS = {Color.WHITE, Color.BLACK, new Color(0x2b4c7e), new Color(0xa9502b)};

    /** The picture's longer side has so many pixels at the most. */
    private static final int MOST_PIXELS = 3000;

    private static final int EDGE = 10;

    private final List<Stroke> strokes;
    private final double whole;

    private RollPlotter(List<Stroke> strokes) {
        this.strokes = strokes;
        this.whole = strokes.stream().mapToDouble(Stroke::length).sum();
    }

    /** A plotter with a plot in it. */
    public static RollPlotter taking(String plot) {
        return new RollPlotter(PlotReader.read(plot));
    }

    /**
     * How a plot came out.
     *
     * @param drawn what share of its lines was drawn, percent
     * @param strokes what was drawn
     * @param jammed whether it stopped before the end
     */
    public record Plotted(int drawn, List<Stroke> strokes, boolean jammed) {}

    /**
     * Plots.
     *
     * @param jam after how many percent of its lines it jams; 100 and more where it does not
     * @param progress is told each tenth
     */
    public Plotted plot(int jam, IntConsumer progress) {
        double done = 0;
        int told = 0;
        for (int i = 0; i < strokes.size(); i++) {
            int percent = percent(done);
            while (told + 10 <= percent) {
                told += 10;
                progress.accept(told);
            }
            if (jam < 100 && percent >= jam) {
                return new Plotted(percent, strokes.subList(0, i), true);
            }
            done += strokes.get(i).length();
        }
        progress.accept(100);
        return new Plotted(100, strokes, false);
    }

    private int percent(double done) {
        return whole == 0 ? 100 : (int) (100 * done / whole);
    }

    /** A picture of what was drawn, on the roll as long as the plot. */
    public BufferedImage picture(List<Stroke> drawn) {
        double wide = extent(true);
        double high = extent(false);
        double scale = Math.min(2, (MOST_PIXELS - 2 * EDGE) / Math.max(wide, high));
        BufferedImage image = new BufferedImage(
                (int) Math.ceil(wide * scale) + 2 * EDGE,
                (int) Math.ceil(high * scale) + 2 * EDGE,
                BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = image.createGraphics();
        pen.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        pen.setColor(Color.WHITE);
        pen.fillRect(0, 0, image.getWidth(), image.getHeight());
        pen.setStroke(new BasicStroke(1.6f));
        pen.setFont(new Font(Font.SANS_SERIF, Font.PLAIN, 12));
        for (Stroke stroke : drawn) {
            pen.setColor(PENS[Math.max(0, Math.min(PENS.length - 1, stroke.pen()))]);
            Path2D path = new Path2D.Double();
            for (Point p : stroke.places()) {
                double x = EDGE + p.x() * scale;
                double y = EDGE + (high - p.y()) * scale;
                if (path.getCurrentPoint() == null) {
                    path.moveTo(x, y);
                } else {
                    path.lineTo(x, y);
                }
            }
            pen.draw(path);
            if (!stroke.word().isEmpty()) {
                pen.drawString(stroke.word(), (float) path.getCurrentPoint().getX(), (float)
                        path.getCurrentPoint().getY());
            }
        }
        pen.dispose();
        return image;
    }

    private double extent(boolean along) {
        return strokes.stream()
                .flatMap(s -> s.places().stream())
                .mapToDouble(p -> along ? p.x() : p.y())
                .max()
                .orElse(1);
    }

    /** Plots a file: its name, and by choice after how many percent it jams. */
    public static void main(String[] args) throws IOException {
        Path file = Path.of(args[0]);
        int jam = args.length > 1 ? Integer.parseInt(args[1]) : 100;
        RollPlotter plotter = taking(Files.readString(file, StandardCharsets.ISO_8859_1));
        Plotted plotted = plotter.plot(jam, percent -> System.out.printf(Locale.ROOT, "plotted %d %%%n", percent));
        String name = file.getFileName().toString().replaceAll("\\.[^.]*$", "") + ".png";
        Path picture = file.toAbsolutePath().resolveSibling(name);
        ImageIO.write(plotter.picture(plotted.strokes()), "png", picture.toFile());
        if (plotted.jammed()) {
            System.out.printf(
                    Locale.ROOT,
                    "the roll has jammed at %d %%: clear it and plot the file again; what was drawn is in %s%n",
                    plotted.drawn(),
                    picture);
            System.exit(3);
        }
        System.out.println("done; what was drawn is in " + picture);
    }
}
