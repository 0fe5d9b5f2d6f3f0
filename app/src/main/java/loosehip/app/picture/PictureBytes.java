package loosehip.app.picture;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import loosehip.app.picture.RefusedPicture.Reason;

/** Looks at what was brought in before anything reads it as a picture. */
final class PictureBytes {
  /** Long enough that the bytes of a photograph do not spell one by chance. */
  private static final List<String> SCRIPTS =
      List.of(
          "<script",
          "<?php ",
          "<!doctype html",
          "<html>",
          "<html ",
          "<svg xmlns",
          "<svg onload",
          "<iframe",
          "javascript:");

  private static final byte[] JPEG_END = {(byte) 0xFF, (byte) 0xD9};
  private static final byte[] JPEG_START = {(byte) 0xFF, (byte) 0xD8, (byte) 0xFF};
  private static final byte[] PNG_START = {(byte) 0x89, 'P', 'N', 'G'};
  private static final byte[] PNG_END = {'I', 'E', 'N', 'D', (byte) 0xAE, 0x42, 0x60, (byte) 0x82};
  private static final byte[] ZIP_START = {'P', 'K', 3, 4};
  private static final byte[] SEVERAL = {'M', 'P', 'F', 0};

  private PictureBytes() {}

  static void check(byte[] bytes) throws RefusedPicture {
    if (bytes.length == 0) {
      throw new RefusedPicture(Reason.EMPTY);
    }
    if (bytes.length > Picture.BYTES_MOST) {
      throw new RefusedPicture(Reason.TOO_LARGE);
    }
    String text = new String(bytes, StandardCharsets.ISO_8859_1);
    boolean jpeg = startsWith(bytes, 0, JPEG_START);
    boolean png = startsWith(bytes, 0, PNG_START);
    boolean webp = text.startsWith("RIFF") && text.startsWith("WEBP", 8);
    if (!(jpeg || png || webp)) {
      throw new RefusedPicture(otherKind(text));
    }
    if (hidesScript(text)) {
      throw new RefusedPicture(Reason.SCRIPT);
    }
    if (hidesFile(bytes, jpeg, png)) {
      throw new RefusedPicture(Reason.PICTURE_INSIDE);
    }
  }

  private static Reason otherKind(String text) {
    String start = text.substring(0, Math.min(400, text.length())).toLowerCase(Locale.ROOT);
    if (text.startsWith("ftyp", 4)) {
      String brand = text.substring(8, Math.min(12, text.length()));
      return brand.startsWith("hei") || brand.startsWith("mif") || brand.startsWith("hev")
          ? Reason.HEIC
          : Reason.VIDEO;
    }
    if (text.startsWith("BM") && bytesOfBitmap(text) == text.length()) {
      return Reason.BMP;
    }
    if (text.startsWith("II*\0") || text.startsWith("MM\0*")) {
      return Reason.TIFF;
    }
    if (text.startsWith("GIF8")) {
      return Reason.GIF;
    }
    if (text.startsWith("%PDF")) {
      return Reason.PDF;
    }
    if (start.contains("<svg")) {
      return Reason.DRAWING;
    }
    // Matroska and WebM begin so.
    return text.startsWith("\u001aE\u00df\u00a3") ? Reason.VIDEO : Reason.NOT_A_PICTURE;
  }

  /** How long a bitmap says it is: four bytes, the smallest first. */
  private static long bytesOfBitmap(String text) {
    long length = 0;
    for (int i = 5; i >= 2 && text.length() > 5; i--) {
      length = length << 8 | text.charAt(i);
    }
    return length;
  }

  private static boolean hidesScript(String text) {
    String all = text.toLowerCase(Locale.ROOT);
    return SCRIPTS.stream().anyMatch(all::contains);
  }

  /** Behind the end of the picture begins another file. A camera's own second view is left out. */
  private static boolean hidesFile(byte[] bytes, boolean jpeg, boolean png) {
    int end = bytes.length;
    if (jpeg && find(bytes, SEVERAL, 0, bytes.length) < 0) {
      end = find(bytes, JPEG_END, lastScan(bytes), bytes.length);
    } else if (png) {
      end = find(bytes, PNG_END, 0, bytes.length);
    }
    if (end < 0) {
      return false;
    }
    for (byte[] start : List.of(JPEG_START, PNG_START, ZIP_START)) {
      if (find(bytes, start, end, bytes.length) >= 0) {
        return true;
      }
    }
    return false;
  }

  /**
   * Where the scan of a JPEG begins: its headers, with the small view of EXIF, are stepped over.
   */
  private static int lastScan(byte[] bytes) {
    int at = 2;
    while (at + 4 < bytes.length && (bytes[at] & 0xFF) == 0xFF) {
      int marker = bytes[at + 1] & 0xFF;
      if (marker == 0xDA) {
        return at;
      }
      at += 2 + ((bytes[at + 2] & 0xFF) << 8 | bytes[at + 3] & 0xFF);
    }
    return Math.min(at, bytes.length);
  }

  private static int find(byte[] in, byte[] what, int from, int to) {
    for (int i = from; i <= to - what.length; i++) {
      if (startsWith(in, i, what)) {
        return i;
      }
    }
    return -1;
  }

  private static boolean startsWith(byte[] in, int at, byte[] what) {
    if (at + what.length > in.length) {
      return false;
    }
    for (int i = 0; i < what.length; i++) {
      if (in[at + i] != what[i]) {
        return false;
      }
    }
    return true;
  }
}
