#!/usr/bin/env bash
# The long run of the fuzz journey of the tests: bench/fuzz.sh [REQUESTS] [SEED]. No server and no
# network: the requests are made inside test processes, one after the other, 10,000 in each (lists
# grow long when all of it meets one data base), each with a seed of its own. It stops by itself.
set -euo pipefail
cd "$(dirname "${BASH_SOURCE[0]}")/.."
requests=${1:-100000}
seed=${2:-18}
slice=10000
for ((done = 0; done < requests; done += slice)); do
  most=$((requests - done < slice ? requests - done : slice))
  echo "seed $((seed + done / slice)):"
  mvn -B -Dstyle.color=never test -pl core,app -Dspotless.check.skip=true \
    -Dsurefire.failIfNoSpecifiedTests=false -Dtest=FuzzFormsTest \
    -Dloosehip.fuzz.requests="$most" -Dloosehip.fuzz.seed="$((seed + done / slice))" |
    grep -aE "^fuzz|threw|answered 5|Tests run:.*Time|BUILD"
done
