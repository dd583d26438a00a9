<?php

// How many rows of colours are proven to lie as well as can be, and how long that takes. Counts from a fixed seed.

use Davrin\Core\Colour\EvenSpread;
use Davrin\Core\Effort\Effort;

require __DIR__.'/../vendor/autoload.php';

mt_srand(20261125);

/** @return list<int> a colour that fills, and one to three scarcer ones */
function counts(int $ties): array
{
    $counts = [];
    for ($colours = mt_rand(1, 3); $colours > 0; $colours--) {
        $counts[] = mt_rand(1, max(1, intdiv($ties - array_sum($counts), 3)));
    }

    return [$ties - array_sum($counts), ...$counts];
}

foreach ([[8, 18], [19, 36], [37, 60], [61, 120]] as [$least, $most]) {
    [$proven, $times] = [0, []];
    for ($i = 0; $i < 150; $i++) {
        $ties = mt_rand($least, $most);
        $counts = counts($ties);
        $start = hrtime(true);
        $proven += EvenSpread::over($ties, mt_rand(0, 3) > 0, $counts, Effort::of(24_000_000))->proven ? 1 : 0;
        $times[] = (hrtime(true) - $start) / 1e6;
    }
    sort($times);
    printf("colours on %3d to %3d ties: %5.1f %% proven best   median %6.2f ms   95th %6.1f ms   (150 rows)\n", $least, $most, 100 * $proven / 150, $times[75], $times[142]);
}
