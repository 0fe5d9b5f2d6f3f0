package loosehip.core.plan;

/** Parts of golfers, as a trainer tells them; see {@link loosehip.core.Golfers}. */
final class ToldGolfers {
  static final String SOUND =
      """
      test one-leg-stand.left.open 20
      test one-leg-stand.right.open 20
      test hinge-contact 50
      test side-hip-hold.left 1
      test side-hip-hold.right 1
      test bridge-hold.left 35
      test bridge-hold.right 35
      test front-hold 60
      test overhead-reach 175
      test trunk-turn.left 52
      test trunk-turn.right 52
      test glute-switch.left.tall yes
      test glute-switch.left.hinged yes
      test glute-switch.right.tall yes
      test glute-switch.right.hinged yes
      test tilt-control.arch 10
      test tilt-control.flatten 10
      test tilt-control.quality smooth
      test pelvis-under-chest.total 40
      test squat-depth parallel
      test ankle-wall.left 12
      test ankle-wall.right 12
      test hip-flexor-length.left -12
      test hip-flexor-length.right -12
      test leg-extension-short.left 10
      test leg-extension-short.right 10
      test knee-track.left yes
      test knee-track.right yes
      """;
  static final String LOOSE =
      """
      test seated-rotation.left.internal 45
      test seated-rotation.right.internal 45
      test seated-rotation.left.external 48
      test seated-rotation.right.external 48
      """;
  static final String STIFF =
      """
      test seated-rotation.left.internal 18
      test seated-rotation.right.internal 20
      test seated-rotation.left.external 28
      test seated-rotation.right.external 26
      fault sway clear cannot
      fault early-stop clear
      says lost-distance
      tools club wall chair
      """;
  static final String WEAK_AND_STIFF =
      """
      test seated-rotation.left.internal 22
      test seated-rotation.right.internal 20
      test seated-rotation.left.external 30
      test seated-rotation.right.external 30
      test trunk-turn.left 38
      test trunk-turn.right 36
      test one-leg-stand.left.open 8
      test one-leg-stand.right.open 7
      test side-hip-hold.left 7
      test side-hip-hold.right 6
      test bridge-hold.left 12
      test bridge-hold.right 10
      test front-hold 25
      test hinge-contact 35
      test overhead-reach 160
      fault sway clear cannot
      fault early-stop clear
      says lost-distance
      tools club wall chair band
      """;

  private ToldGolfers() {}
}
