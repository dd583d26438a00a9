<?php

declare(strict_types=1);

namespace Davrin\Core\Words;

use RuntimeException;

/** Something a maker or a file said cannot be taken. The message says what, and how to mend it; it is shown as it stands. */
abstract class Refused extends RuntimeException {}
