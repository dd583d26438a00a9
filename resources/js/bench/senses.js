// What is heard, where somebody wants it, and a screen that stays on while hands are full.
const wants = (what) => localStorage.getItem(`davrin-bench-${what}`) === '1';

const text = (article, part) => article.querySelector(part)?.textContent.trim() ?? '';

export const say = (article) => {
    if (wants('say') && 'speechSynthesis' in window) {
        speechSynthesis.cancel();
        speechSynthesis.speak(new SpeechSynthesisUtterance(`${text(article, 'h1')}. ${text(article, '.bench-what')}.`));
    }
};

let sound = null;

/** A short click for each tick. */
export const tock = () => {
    if (wants('click') && 'AudioContext' in window) {
        sound ??= new AudioContext();
        const [tone, volume] = [sound.createOscillator(), sound.createGain()];
        tone.frequency.value = 880;
        volume.gain.setValueAtTime(0.2, sound.currentTime);
        volume.gain.exponentialRampToValueAtTime(0.001, sound.currentTime + 0.08);
        tone.connect(volume).connect(sound.destination);
        tone.start();
        tone.stop(sound.currentTime + 0.08);
    }
};

export const switches = (bench) => {
    const lay = () => bench.classList.toggle('is-left', wants('left'));
    lay();
    bench.querySelectorAll('[data-toggle]').forEach((button) => {
        const what = button.dataset.toggle;
        button.hidden = what === 'say' && !('speechSynthesis' in window);
        button.setAttribute('aria-pressed', String(wants(what)));
        button.addEventListener('click', () => {
            localStorage.setItem(`davrin-bench-${what}`, wants(what) ? '0' : '1');
            button.setAttribute('aria-pressed', String(wants(what)));
            lay();
        });
    });
};

export const keepAwake = () => {
    const ask = () => document.hidden || navigator.wakeLock?.request('screen').catch(() => {});
    ask();
    document.addEventListener('visibilitychange', ask);
};
