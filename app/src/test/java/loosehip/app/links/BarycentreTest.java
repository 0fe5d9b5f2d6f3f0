package loosehip.app.links;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import loosehip.app.links.Barycentre.Edge;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class BarycentreTest {

  @Test
  void aTangleThatCanBeUndoneIsUndone() {
    List<Edge> first = List.of(new Edge(0, 2), new Edge(1, 1), new Edge(2, 0), new Edge(3, 2));
    List<Edge> second = List.of(new Edge(0, 1), new Edge(1, 0), new Edge(2, 0));
    Barycentre.Order order = Barycentre.of(4, 3, 2, first, second);
    assertThat(Barycentre.crossings(first, order.left(), order.middle())).isZero();
    assertThat(Barycentre.crossings(second, order.middle(), order.right())).isZero();
  }

  @ParameterizedTest
  @ValueSource(ints = {1, 2, 3, 4, 5, 6, 7, 8})
  void neverMoreCrossingsThanAsGivenAndNothingIsLost(int seed) {
    Random random = new Random(seed);
    List<Edge> first = new ArrayList<>();
    List<Edge> second = new ArrayList<>();
    for (int i = 0; i < 24; i++) {
      first.add(new Edge(random.nextInt(12), random.nextInt(6)));
      second.add(new Edge(random.nextInt(6), random.nextInt(4)));
    }
    Barycentre.Order order = Barycentre.of(12, 6, 4, first, second);
    assertThat(order.left()).hasSize(12).doesNotHaveDuplicates();
    assertThat(order.middle()).hasSize(6).doesNotHaveDuplicates();
    assertThat(order.right()).hasSize(4).doesNotHaveDuplicates();
    List<Integer> twelve = List.of(0, 1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11);
    int given =
        Barycentre.crossings(first, twelve, twelve) + Barycentre.crossings(second, twelve, twelve);
    int now =
        Barycentre.crossings(first, order.left(), order.middle())
            + Barycentre.crossings(second, order.middle(), order.right());
    assertThat(now).isLessThan(given);
    assertThat(Barycentre.of(12, 6, 4, first, second)).isEqualTo(order);
  }
}
