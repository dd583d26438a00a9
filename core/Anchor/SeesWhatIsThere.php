<?php

declare(strict_types=1);

namespace Davrin\Core\Anchor;

/** A way to stand that depends on the parts that are built before: on their elements, or clear of them. */
interface SeesWhatIsThere {}
