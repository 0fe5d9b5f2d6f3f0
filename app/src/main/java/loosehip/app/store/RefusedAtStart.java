package loosehip.app.store;

import org.springframework.boot.diagnostics.AbstractFailureAnalyzer;
import org.springframework.boot.diagnostics.FailureAnalysis;

/** Says in words why the program does not start on a folder, and what to do. */
public final class RefusedAtStart extends AbstractFailureAnalyzer<DataFolder.Refused> {
  @Override
  protected FailureAnalysis analyze(Throwable failure, DataFolder.Refused refused) {
    return new FailureAnalysis(refused.getMessage() + ".", refused.whatToDo(), null);
  }
}
