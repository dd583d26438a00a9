<?php

declare(strict_types=1);

namespace Davrin\Core\Blank;

/** A blank in which a price is written, or nothing. */
interface HoldsMoney {}
