package neattrace.app.work;

import neattrace.export.Artwork;
import neattrace.export.png.ArtworkPainter;
import neattrace.job.pipeline.Drawing;

/** A computed drawing with all that is needed to show it. */
public record Shown(Drawing drawing, Artwork art, ArtworkPainter painter, ScanPyramid scan) {}
