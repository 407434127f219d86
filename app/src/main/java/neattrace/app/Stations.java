package neattrace.app;

import java.util.List;
import neattrace.app.station.Bench;
import neattrace.app.station.StationPanel;
import neattrace.app.station.brief.BriefPanel;
import neattrace.app.station.close.ClosePanel;
import neattrace.app.station.flats.FlatsPanel;
import neattrace.app.station.handover.HandOverPanel;
import neattrace.app.station.line.LinePanel;
import neattrace.app.station.make.MakePanel;
import neattrace.app.station.press.PressPanel;
import neattrace.app.station.sheet.SheetPanel;

/** The route: a line for each station. */
final class Stations {

    private Stations() {}

    /** All stations, in their order, on a bench. */
    static List<StationPanel> all(Bench bench) {
        return List.of(
                new BriefPanel(bench),
                new SheetPanel(bench),
                new LinePanel(bench),
                new ClosePanel(bench),
                new FlatsPanel(bench),
                new PressPanel(bench),
                new MakePanel(bench),
                new HandOverPanel(bench));
    }
}
