package variablerotor.server.call;

import java.util.UUID;
import variablerotor.core.job.JobLog;

/**
 * What one stage keeps of a call. Each stage brings its own, and the call is put together of them.
 */
public interface CallPart {
  void addTo(JobLog.Builder log, UUID call);
}
