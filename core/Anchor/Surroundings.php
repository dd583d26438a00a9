<?php

declare(strict_types=1);

namespace Davrin\Core\Anchor;

use Davrin\Core\Form\Form;
use Davrin\Core\Geometry\Board;
use Davrin\Core\Geometry\Place;
use Davrin\Core\Measure\Units;
use Davrin\Core\Ties\Ties;

/** What a part may stand on: the form, the ties on it, and the parts that are built before. */
final readonly class Surroundings
{
    /**
     * @param  array<string, list<Place>>  $places  where the elements of each earlier part stand, by its id
     * @param  array<string, string>  $names  what each earlier part is called, by its id
     * @param  list<int>  $taken  ties that carry something of an earlier part, by number
     * @param  array<string, list<Place>>  $offers  of those earlier parts that another can stand on by places of their own, by its id
     * @param  list<Board>  $room  what is taken up on the front of the finished mesh by what is put on it
     * @param  Units  $units  what a fault or a concern speaks in
     */
    public function __construct(
        public Form $form,
        public Ties $ties,
        public Units $units,
        public array $places = [],
        public array $names = [],
        public array $taken = [],
        public array $room = [],
        public array $offers = [],
    ) {}
}
