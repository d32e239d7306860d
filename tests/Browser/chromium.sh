#!/bin/sh
# Debian's headless shell where it is there: half the work of the whole browser. It opens no page of its own, and the driver waits for one.
if [ -x /usr/lib/chromium/chromium-headless-shell ]; then
  exec /usr/lib/chromium/chromium-headless-shell "$@" about:blank
fi
exec /usr/bin/chromium --headless=new "$@"
