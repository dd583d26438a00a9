<?php

declare(strict_types=1);

namespace Davrin\Core\Blank;

/** Written only where something is said, so that files from before there was such a blank come out as they were. */
interface LeftOutWhereEmpty {}
