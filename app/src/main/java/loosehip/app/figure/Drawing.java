package loosehip.app.figure;

import java.util.List;

/**
 * A line drawing in a box of 200 by 200.
 *
 * @param strokes its lines, the ones behind first
 * @param words what it shows, for those who cannot see it
 * @param symbol where it ships as a symbol; empty for one that is drawn for a single golfer
 */
public record Drawing(List<Stroke> strokes, String words, String symbol) {}
