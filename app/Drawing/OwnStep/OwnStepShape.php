<?php

namespace App\Drawing\OwnStep;

use App\Drawing\Elements\NotSeen;

/** Work of the maker's own. */
final class OwnStepShape extends NotSeen {}
