<?php

declare(strict_types=1);

namespace Davrin\Core\Part;

/** A kind of part of which some ties may have a piece of another length, or none: what was changed while it was made. */
interface DiffersByTie {}
