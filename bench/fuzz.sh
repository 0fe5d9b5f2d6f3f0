#!/usr/bin/env bash
# The long run of the fuzz journey of the tests: bench/fuzz.sh [REQUESTS] [SEED]. No server and no
# network: the requests are made inside one test process. It stops by itself.
set -euo pipefail
cd "$(dirname "${BASH_SOURCE[0]}")/.."
requests=${1:-100000}
seed=${2:-18}
mvn -B -Dstyle.color=never test -pl core,app -Dspotless.check.skip=true \
  -Dsurefire.failIfNoSpecifiedTests=false -Dtest=FuzzFormsTest \
  -Dloosehip.fuzz.requests="$requests" -Dloosehip.fuzz.seed="$seed" |
  grep -aE "^fuzz|threw|answered 5|Tests run|BUILD"
