// A brush of a mesh: while it is taken up, a click on a tie paints it. With a tie in focus, a digit paints it with that mesh.
let brush = null;

const form = () => document.getElementById('paint');
const brushes = () => [...document.querySelectorAll('[data-brush]')];

const show = () => {
    if (!brushes().some((button) => button.dataset.brush === brush)) {
        brush = null;
    }
    brushes().forEach((button) => button.setAttribute('aria-pressed', String(button.dataset.brush === brush)));
    document.getElementById('stage')?.toggleAttribute('data-painting', brush !== null);
};

const paint = (tie, mesh) => {
    form().elements.id.value = tie.id.replace('tie-', '');
    form().elements.to.value = mesh;
    form().requestSubmit();
};

// Before the tie's own link is followed.
document.addEventListener('click', (event) => {
    const button = event.target.closest?.('[data-brush]');
    if (button) {
        brush = brush === button.dataset.brush ? null : button.dataset.brush;
        show();
    }
    const tie = event.target.closest?.('[data-tie-link]');
    if (tie && brush !== null && form()) {
        event.preventDefault();
        event.stopPropagation();
        paint(tie, brush);
    }
}, true);

document.addEventListener('keydown', (event) => {
    const tie = event.target.closest?.('[data-tie-link]');
    const button = /^[1-9]$/.test(event.key) ? brushes()[event.key - 1] : undefined;
    if (tie && button && !event.ctrlKey && !event.metaKey && !event.altKey) {
        event.preventDefault();
        paint(tie, button.dataset.brush);
    }
    if (event.key === 'Escape' && brush !== null) {
        brush = null;
        show();
    }
});

document.addEventListener('htmx:afterSettle', show);
