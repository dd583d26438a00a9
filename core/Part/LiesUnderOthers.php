<?php

declare(strict_types=1);

namespace Davrin\Core\Part;

/** A kind of part that other extras may lie on, as flowers do on greenery. */
interface LiesUnderOthers {}
