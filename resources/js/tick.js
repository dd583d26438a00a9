// How many cuts are ticked is told as they are.
document.addEventListener('change', (event) => {
    if (event.target.matches('[data-tick]')) {
        document.getElementById('ticked').textContent = document.querySelectorAll('[data-tick]:checked').length;
    }
});
