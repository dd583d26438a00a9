<?php

declare(strict_types=1);

namespace Davrin\Core\Part;

/** Lies on what hangs on its ties already; alone it makes no piece. */
interface LiesOnOthers {}
