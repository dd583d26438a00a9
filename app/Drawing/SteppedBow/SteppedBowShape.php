<?php

namespace App\Drawing\SteppedBow;

use App\Drawing\Elements\BowShape;

/** Loops that get smaller from the bottom up. */
final class SteppedBowShape extends BowShape {}
