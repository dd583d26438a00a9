// Of how many times the usual minutes a step is still being worked at, and no less than this.
const PATIENCE = 4;
const LEAST = 180;

const shown = (seconds) => `${Math.floor(seconds / 60)}:${String(Math.floor(seconds % 60)).padStart(2, '0')}`;

/** How long the unit in hand takes. It pauses by itself where the page is not seen, or where nobody can be at it any more. */
export const clock = (current) => {
    let [gone, since, byHand] = [0, null, false];
    const seconds = () => gone + (since === null ? 0 : (performance.now() - since) / 1000);
    const most = () => Math.max(LEAST, PATIENCE * 60 * Number(current().dataset.minutes ?? 0));
    const draw = () => {
        const its = current().querySelector('[data-clock]');
        if (its) {
            its.textContent = shown(seconds());
            its.classList.toggle('is-paused', since === null);
        }
    };
    const pause = () => {
        [gone, since] = [seconds(), null];
        draw();
    };
    const goOn = () => {
        if (since === null && !byHand && !document.hidden) {
            since = performance.now();
        }
        draw();
    };
    setInterval(() => {
        if (since !== null && seconds() > most()) {
            pause();
        }
        draw();
    }, 500);
    document.addEventListener('visibilitychange', () => (document.hidden ? pause() : goOn()));

    return {
        begin: () => {
            [gone, since] = [0, null];
            goOn();
        },
        toggle: () => {
            byHand = since !== null;
            byHand ? pause() : goOn();
            document.querySelector('[data-pause]').setAttribute('aria-pressed', String(byHand));
        },
        pause,
        goOn,
        seconds: () => Math.round(seconds()),
    };
};
