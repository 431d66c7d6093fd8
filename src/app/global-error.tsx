'use client';

/** The last boundary: the frame of the page itself failed. It brings its own document, without themes or fonts. */
export default function Failed({ reset }: { reset: () => void }) {
  return (
    <html lang="en">
      <body
        style={{
          fontFamily: 'system-ui, sans-serif',
          margin: '3rem auto',
          maxWidth: '40rem',
          padding: '0 1rem',
        }}
      >
        <h1>Upwind Rod could not be shown</h1>
        <p>
          Everything that was saved is kept. If it stays like this, look at the window in which the program was
          started, and start it again.
        </p>
        <button type="button" onClick={reset}>
          Try again
        </button>
      </body>
    </html>
  );
}
