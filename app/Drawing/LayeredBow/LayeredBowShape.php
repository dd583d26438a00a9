<?php

namespace App\Drawing\LayeredBow;

use App\Drawing\Elements\BowShape;

/** Bows of several ribbons on each other. */
final class LayeredBowShape extends BowShape {}
