// A sentence that is being read or written lights its elements on the form and its cuts on the rolls.
let lit = null;

const light = () => {
    document.querySelectorAll('.lit').forEach((node) => node.classList.remove('lit'));
    if (lit !== null) {
        document.querySelectorAll(`[data-of="${lit}"]`).forEach((node) => node.classList.add('lit'));
    }
};

const follow = (event) => {
    const line = event.target.closest?.('[data-lights]');
    if (line || event.target.closest?.('[data-stage]')) {
        lit = line?.dataset.lights ?? null;
        light();
    }
};

document.addEventListener('focusin', follow);
document.addEventListener('click', follow);
document.addEventListener('htmx:afterSettle', light);
