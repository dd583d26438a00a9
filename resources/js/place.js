// On a layout that is made tie by tie, a click on the form puts a tie there.
document.addEventListener('click', (event) => {
    const drawing = event.target.closest?.('svg[data-places]');
    if (!drawing || event.target.closest('a')) {
        return;
    }
    const point = new DOMPoint(event.clientX, event.clientY).matrixTransform(drawing.getScreenCTM().inverse());
    const form = document.getElementById('place-by-click');
    form.elements.x.value = (point.x / drawing.dataset.scale) * (drawing.dataset.form === 'back' ? -1 : 1);
    form.elements.y.value = point.y / drawing.dataset.scale;
    form.requestSubmit();
});
