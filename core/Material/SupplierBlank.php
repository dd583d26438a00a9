<?php

declare(strict_types=1);

namespace Davrin\Core\Material;

use Davrin\Core\Blank\LeftOutWhereEmpty;
use Davrin\Core\Blank\NoteBlank;

/** Where a material of a plan is bought, where somebody said so. */
final readonly class SupplierBlank extends NoteBlank implements LeftOutWhereEmpty {}
