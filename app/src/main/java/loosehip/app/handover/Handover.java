package loosehip.app.handover;

import java.util.List;

/**
 * What the swing instructor is told.
 *
 * @param id the golfer's id
 * @param golfer whose it is
 * @param practice the practice
 * @param trainer who measured
 * @param date the day it was written
 * @param school the pivot worked towards, with its idea
 * @param can what this body can do
 * @param cannot what it cannot do yet
 * @param seen what was seen, with the verdict
 * @param setup how to stand until then
 * @param bridge when each part of a change goes again
 * @param ask what lessons may ask now
 * @param leave what to leave, and until when
 * @param drills what the golfer works on already
 * @param decided what the trainer decided, and who
 * @param mind what to mind; movements only, never the reason
 * @param aid what every reader is told
 */
public record Handover(
    String id,
    String golfer,
    String practice,
    String trainer,
    String date,
    String school,
    List<String> can,
    List<String> cannot,
    List<String> seen,
    List<String> setup,
    List<String> bridge,
    List<String> ask,
    List<String> leave,
    List<String> drills,
    List<String> decided,
    List<String> mind,
    String aid) {}
