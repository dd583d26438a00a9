// Times come in UTC and are told by the clock of the one who reads them.
const tell = () => document.querySelectorAll('time[data-clock]').forEach((time) => {
    time.textContent = new Date(time.dateTime).toLocaleTimeString([], { hour: '2-digit', minute: '2-digit' });
});

tell();
document.addEventListener('htmx:afterSettle', tell);
