<?php

declare(strict_types=1);

namespace Davrin\Core\Part;

use Davrin\Core\Geometry\Place;

/** A kind of part with places of its own that another part may stand on, beside where its elements stand: the stems of a sign. */
interface OffersPlaces
{
    /** @return list<Place> */
    public function offers(PartContext $on): array;
}
