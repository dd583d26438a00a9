// Times come in UTC and are told by the clock of the one who reads them.
const BY_THE_CLOCK = { hour: '2-digit', minute: '2-digit' };
const WITH_THE_DAY = { ...BY_THE_CLOCK, day: 'numeric', month: 'short', year: 'numeric' };

const tell = () => document.querySelectorAll('time[data-clock]').forEach((time) => {
    time.textContent = new Date(time.dateTime).toLocaleString([], time.dataset.clock === 'day' ? WITH_THE_DAY : BY_THE_CLOCK);
});

tell();
document.addEventListener('htmx:afterSettle', tell);
