<?php

namespace App\Drawing\LoopedBow;

use App\Drawing\Elements\BowShape;

/** Loops from one ribbon, left and right. */
final class LoopedBowShape extends BowShape {}
