/** How long an answer may be read before the rest of an unread request is cut off: a sender that stands still for a while reads it yet. */
const GRACE_MS = 5_000;
/** What is taken in and dropped of it meanwhile at most, bytes. */
const MOST_DROPPED = 64 * 1024 * 1024;

/**
 * An answer may be given before the request has come in whole. What still comes then is not waited for for long, and the sender is told
 * that the connection ends, so that no other request is begun on it. Until then what it sends is taken in and dropped: a connection that is
 * closed with something unread is reset by the system, and a sender in the middle of it loses the answer (RFC 9112, section 9.6).
 */
export function endUnread(req, res) {
  const { socket } = req;
  const { writeHead } = res;
  res.writeHead = (...args) => {
    if (!req.complete && !res.headersSent) {
      res.setHeader('connection', 'close');
      closeReadOut(req, socket);
    }
    return writeHead.apply(res, args);
  };
  res.once('finish', () => {
    if (!req.complete) setTimeout(() => req.complete || socket.destroy(), GRACE_MS).unref();
  });
}

/** Makes of `destroySoon`, with which the server closes after its last answer: our half at once, the rest when the sender has ended. */
function closeReadOut(req, socket) {
  socket.destroySoon = () => {
    delete socket.destroySoon;
    if (req.complete) return socket.destroySoon();
    let dropped = 0;
    socket.end();
    // The parser would stop at what the given up request no longer takes.
    socket.removeAllListeners('data');
    socket.on('data', (piece) => (dropped += piece.length) > MOST_DROPPED && socket.destroy());
    socket.once('end', () => socket.destroy());
    // The parser read past the stream, which still waits for what it asked for then: that has come to nothing, and it asks again.
    socket.push('');
    socket.resume();
  };
}
