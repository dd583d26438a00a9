// The ribbon that is left: what is dragged is written, and what is written is where the slider stands.
const inches = (text) => {
    const found = /^\s*(\d+(?:\.\d+)?)\s*(in|"|yd|ft|cm|m)?\s*$/.exec(text);

    return found === null ? null : found[1] * ({ yd: 36, ft: 12, cm: 1 / 2.54, m: 100 / 2.54 }[found[2]] ?? 1);
};

document.addEventListener('input', (event) => {
    const form = event.target.closest?.('.left-over');
    if (!form) {
        return;
    }
    const [blank, slider] = [form.querySelector('[data-left]'), form.querySelector('[data-left-inches]')];
    if (event.target === slider) {
        blank.value = `${slider.value} in`;
    } else {
        slider.value = inches(blank.value) ?? slider.value;
    }
});
