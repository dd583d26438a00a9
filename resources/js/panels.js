import htmx from 'htmx.org';

// A panel opens beside what opened it, within the page.
document.addEventListener('beforetoggle', (event) => {
    const panel = event.target;
    if (event.newState !== 'open' || !panel.matches('.panel')) {
        return;
    }
    const { left, bottom } = (event.source ?? document.activeElement).getBoundingClientRect();
    requestAnimationFrame(() => {
        panel.style.left = `${Math.max(8, Math.min(left, innerWidth - panel.offsetWidth - 8))}px`;
        panel.style.top = `${Math.max(8, Math.min(bottom + 6, innerHeight - panel.offsetHeight - 8))}px`;
    });
}, true);

// A swatch writes its colour in the blank beside it.
document.addEventListener('click', (event) => {
    const swatch = event.target.closest('[data-colour]');
    if (swatch === null || !swatch.form.matches('[hx-post]')) {
        return;
    }
    event.preventDefault();
    const blank = swatch.closest('.colours').querySelector('[data-blank]');
    if (blank.value !== swatch.value) {
        blank.value = swatch.value;
        blank.dataset.pending = '';
        htmx.trigger(swatch.form, 'change');
    }
});
