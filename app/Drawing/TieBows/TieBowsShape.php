<?php

namespace App\Drawing\TieBows;

use App\Drawing\Elements\BowShape;

/** A small bow on its tie, whichever way that looks. */
final class TieBowsShape extends BowShape {}
