<?php

namespace App\Drawing\OwnLength;

use App\Drawing\Elements\NotSeen;

/** Work of the maker's own. */
final class OwnLengthShape extends NotSeen {}
