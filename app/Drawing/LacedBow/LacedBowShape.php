<?php

namespace App\Drawing\LacedBow;

use App\Drawing\Elements\BowShape;

/** Two loops and two tails, as a shoelace is tied. */
final class LacedBowShape extends BowShape {}
