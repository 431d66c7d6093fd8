/** Loudest sample of a frame that can be a knock, 0–1; over how many times the quiet before it; and how short it must be, s. */
const LEAST = 0.08;
const OVER = 6;
const BOUNCE_S = 0.25;
/** Share by which the background follows what is heard, a frame. */
const FOLLOWS = 0.05;
/** Frames that are listened to before the first knock can count: the background must be known. */
const SETTLES = 8;

/**
 * Hears a knock on the bench: a frame much louder than the background, that comes at once and not again within a quarter of a
 * second. What hums or runs on becomes background. Ours; for a hand that cannot press.
 */
export class KnockEar {
  private background = 0;
  private frames = 0;
  private last = -Infinity;
  private before = 0;

  /** Takes the next frame of samples at `t` seconds; true where it holds a knock. */
  hear(frame: Float32Array, t: number): boolean {
    let peak = 0;
    for (const x of frame) peak = Math.max(peak, Math.abs(x));
    const quiet = Math.max(this.background, 1e-4);
    const sudden = peak > 2 * Math.max(this.before, quiet);
    const knock =
      this.frames >= SETTLES && peak > LEAST && peak > OVER * quiet && sudden && t - this.last > BOUNCE_S;
    this.frames++;
    this.before = peak;
    // A knock itself is kept out of the background; what goes on is not.
    const heard = knock ? quiet : Math.min(peak, 4 * quiet + 0.01);
    this.background += FOLLOWS * (heard - this.background);
    if (knock) this.last = t;
    return knock;
  }
}

/** Samples of a frame that is looked at. */
const FRAME = 1024;

/**
 * Listens to the microphone and calls `onKnock` at each knock until it is stopped. Rejects where there is no microphone or no leave
 * to use it.
 */
export async function listenForKnocks(onKnock: () => void): Promise<() => void> {
  const stream = await navigator.mediaDevices.getUserMedia({
    audio: { echoCancellation: false, noiseSuppression: false, autoGainControl: false },
  });
  const context = new AudioContext();
  const analyser = context.createAnalyser();
  analyser.fftSize = FRAME;
  context.createMediaStreamSource(stream).connect(analyser);
  const ear = new KnockEar();
  const frame = new Float32Array(FRAME);
  const id = setInterval(() => {
    analyser.getFloatTimeDomainData(frame);
    if (ear.hear(frame, context.currentTime)) onKnock();
  }, 20);
  return () => {
    clearInterval(id);
    for (const track of stream.getTracks()) track.stop();
    void context.close();
  };
}
