package loosehip.app.exercise;

import loosehip.app.picture.Picture;
import loosehip.app.picture.RefusedPicture;

/** A photo of an own exercise as it is kept: made anew, no larger than 900 pixels. */
public final class Photo {
  private static final int SIDE_MOST = 900;

  private Photo() {}

  /**
   * The picture made anew as JPEG.
   *
   * @throws RefusedPicture when it is not taken, with the reason
   */
  public static byte[] anew(byte[] bytes) throws RefusedPicture {
    return Picture.anew(bytes, SIDE_MOST).jpeg();
  }
}
