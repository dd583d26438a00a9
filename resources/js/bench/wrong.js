// What went wrong is chosen, and the first way out taken, without a mouse.
const page = document.querySelector('[data-wrong-page]');

if (page) {
    page.querySelector('[data-first]')?.focus();
    document.addEventListener('keydown', (event) => {
        if (event.target.closest('input, select, textarea') || event.ctrlKey || event.metaKey || event.altKey) {
            return;
        }
        if (event.key === 'Escape') {
            window.location = page.dataset.back;
        } else {
            page.querySelector(`[data-key="${CSS.escape(event.key)}"]`)?.click();
        }
    });
}
