<?php

namespace App\Devices;

use Davrin\Core\Cut\Label;

/** The label printer on the bench. */
interface LabelPrinter
{
    /**
     * @param  list<Label>  $labels
     *
     * @throws PrinterStopped where it prints none of them
     */
    public function print(array $labels): void;
}
