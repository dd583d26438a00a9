// A price that is tried: where the slider is dragged to is what is asked.
document.addEventListener('input', (event) => {
    const slider = event.target;
    if (slider.matches?.('[data-asked-range]')) {
        const decimals = Number(slider.dataset.decimals);
        slider.form.querySelector('[data-asked]').value = (slider.value / 10 ** decimals).toFixed(decimals);
    }
});
