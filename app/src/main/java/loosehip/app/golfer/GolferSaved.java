package loosehip.app.golfer;

import loosehip.app.store.Account;

/** That something of a golfer was saved: what lists show of them is to follow. */
record GolferSaved(Account by) {}
