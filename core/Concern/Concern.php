<?php

declare(strict_types=1);

namespace Davrin\Core\Concern;

/** What a kind of part sees coming on its ties before it is made, and what can be written to mend it. */
final readonly class Concern
{
    /**
     * @param  string  $rule  names it
     * @param  list<int>  $ties
     * @param  array<string, array<string, string>>  $remedies  what to write in which blanks of the part, or of another slip by its
     *                 address, by what to call it
     * @param  string  $otherwise  what is said where none of them mends it
     */
    public function __construct(
        public string $rule,
        public string $title,
        public string $sentence,
        public array $ties,
        public array $remedies,
        public string $otherwise = '',
    ) {}
}
