package loosehip.app.exercise;

import java.util.Optional;
import loosehip.app.picture.Picture;
import loosehip.app.picture.RefusedPicture;

/** A photo of an own exercise as it is kept: made anew, no larger than 900 pixels. */
public final class Photo {
  private static final int SIDE_MOST = 900;

  private Photo() {}

  /** The picture made anew as JPEG; empty when it is not taken. */
  public static Optional<byte[]> anew(byte[] bytes) {
    try {
      return Optional.of(Picture.anew(bytes, SIDE_MOST).jpeg());
    } catch (RefusedPicture refused) {
      return Optional.empty();
    }
  }
}
