package loosehip.app.golfer;

/** That a golfer was erased: whatever is held of them in memory is let go. */
public record GolferErased(String golferId) {}
