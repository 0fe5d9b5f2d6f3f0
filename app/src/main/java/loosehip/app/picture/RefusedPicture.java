package loosehip.app.picture;

/** A picture that was not taken. */
public final class RefusedPicture extends Exception {
  private static final long serialVersionUID = 1L;

  /** Why a picture is not taken, and what to do. */
  public enum Reason {
    EMPTY("The file is empty.", "Choose the picture again."),
    TOO_LARGE("The file is larger than 15 MB.", "Send it smaller, or as JPEG."),
    HEIC(
        "This is a HEIC picture, which cannot be read here.",
        "On the phone set the camera to the most compatible format, or send the picture as JPEG."),
    BMP("This is a BMP picture, which is not read here.", "Save it as JPEG or PNG."),
    TIFF("This is a TIFF picture, which is not read here.", "Save it as JPEG or PNG."),
    GIF("This is a GIF, which is not read here.", "Save it as PNG."),
    PDF("This is a PDF, not a picture.", "Bring the picture itself: JPEG, PNG or WebP."),
    VIDEO(
        "This is a video.",
        "Choose it under Frames of a video; it is opened in the browser and stays there."),
    DRAWING("This is a drawing that may carry a script.", "Bring a photograph: JPEG, PNG or WebP."),
    NOT_A_PICTURE("This is no picture that can be read.", "Bring JPEG, PNG or WebP."),
    SCRIPT("A script or a page is hidden in this picture.", "Take it from the camera afresh."),
    PICTURE_INSIDE("Another file is hidden in this picture.", "Take it from the camera afresh."),
    TOO_MANY_PIXELS(
        "This picture unfolds to more than 60 million pixels.", "Send it in a smaller size."),
    TOO_SMALL("This picture is smaller than 64 pixels.", "Landmarks need a larger one."),
    BROKEN("This picture breaks off or is damaged.", "Bring it again.");

    private final String what;
    private final String instead;

    Reason(String what, String instead) {
      this.what = what;
      this.instead = instead;
    }

    /** What is wrong. */
    public String what() {
      return what;
    }

    /** What to do. */
    public String instead() {
      return instead;
    }

    /** What is wrong, what was kept, what to do. */
    public String words() {
      return what + " Nothing was kept of it. " + instead;
    }
  }

  private final Reason reason;

  RefusedPicture(Reason reason) {
    super(reason.name());
    this.reason = reason;
  }

  /** Why. */
  public Reason reason() {
    return reason;
  }
}
