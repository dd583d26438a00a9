// What an edit came to is told politely, and the focus stays where it was when what bore it is gone.
let from = null;

const editor = () => document.getElementById('editor');
const text = (css) => document.querySelector(css)?.textContent.trim().replace(/\s+/g, ' ') ?? '';

const told = () => {
    const warnings = document.querySelectorAll('#recipe .advice').length;
    const facts = ['ties', 'elements', 'rolls', 'left', 'cost'].map((key) => `${text(`#fact-${key} summary b`)} ${text(`#fact-${key} summary span`)}`);

    return `${facts.join(', ')}. ${warnings === 0 ? 'No warning.' : `${warnings} ${warnings === 1 ? 'warning' : 'warnings'}.`}`;
};

document.addEventListener('htmx:beforeRequest', (event) => {
    const { elt } = event.detail;
    from = editor()?.contains(elt) && event.detail.requestConfig.verb === 'post'
        ? { place: elt.closest('.line, .mesh, [data-always]')?.id, isRemedy: elt.querySelector('.remedy') !== null }
        : null;
});

document.addEventListener('htmx:afterSettle', () => {
    if (from === null || editor() === null) {
        return;
    }
    document.getElementById('announce').textContent = told();
    if (document.activeElement === document.body) {
        const place = document.getElementById(from.place);
        (from.isRemedy ? place?.querySelector('.remedy') ?? place?.querySelector('.blank') : place?.querySelector('.blank, button:enabled, a, summary'))
            ?.focus({ preventScroll: true });
    }
    from = null;
});
