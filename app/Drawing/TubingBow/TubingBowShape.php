<?php

namespace App\Drawing\TubingBow;

use App\Drawing\Elements\BowShape;

/** The same of tubing. */
final class TubingBowShape extends BowShape {}
