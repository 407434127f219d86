package neattrace.standin.cutter;

import java.util.ArrayList;
import java.util.List;
import neattrace.geom.Point;

/** Reads the instructions IN, PA, PR, SP, PU, PD; others are passed over. */
final class HpglReader {

    private static final double UNITS = 40;

    private final double heightMm;
    private final List<CutPath> paths = new ArrayList<>();
    private List<Point> path = new ArrayList<>();
    private double x;
    private double y;
    private boolean relative;
    private boolean down;
    private int pen = 1;

    HpglReader(double heightMm) {
        this.heightMm = heightMm;
    }

    List<CutPath> read(String text) throws CutFileException {
        for (String instruction : text.split(";")) {
            String plain = instruction.strip();
            if (plain.length() >= 2) {
                instruction(plain.substring(0, 2), plain.substring(2).strip());
            }
        }
        lift();
        return paths;
    }

    private void instruction(String code, String rest) throws CutFileException {
        switch (code) {
            case "PA" -> relative = false;
            case "PR" -> relative = true;
            case "SP" -> {
                lift();
                pen = rest.isEmpty() ? 0 : (int) number(rest);
            }
            case "PU" -> {
                lift();
                move(rest);
            }
            case "PD" -> {
                down = true;
                if (path.isEmpty()) {
                    path.add(place());
                }
                move(rest);
            }
            default -> {}
        }
        if (code.equals("PA") || code.equals("PR")) {
            move(rest);
        }
    }

    private void move(String rest) throws CutFileException {
        if (rest.isEmpty()) {
            return;
        }
        String[] numbers = rest.split("[,\\s]+");
        if (numbers.length % 2 != 0) {
            throw new CutFileException("The cut file is damaged: a place has no y.");
        }
        for (int i = 0; i < numbers.length; i += 2) {
            x = number(numbers[i]) + (relative ? x : 0);
            y = number(numbers[i + 1]) + (relative ? y : 0);
            if (down) {
                path.add(place());
            }
        }
    }

    private void lift() {
        if (path.size() > 1) {
            paths.add(new CutPath(pen == 2, path));
        }
        path = new ArrayList<>();
        down = false;
    }

    private Point place() {
        return new Point(x / UNITS, heightMm - y / UNITS);
    }

    private static double number(String text) throws CutFileException {
        try {
            double value = Double.parseDouble(text);
            if (Math.abs(value) < 1e9) {
                return value;
            }
        } catch (NumberFormatException e) {
            throw new CutFileException("The cut file is damaged: “" + text + "” is no number.");
        }
        throw new CutFileException("The cut file is damaged: a place lies far off.");
    }
}
