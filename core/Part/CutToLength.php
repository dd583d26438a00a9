<?php

declare(strict_types=1);

namespace Davrin\Core\Part;

use Davrin\Core\Measure\Length;

/** A kind of part whose pieces or pitches have a length that can be written shorter when the rolls are short. */
interface CutToLength
{
    /** The blank that holds it. */
    public function lengthKey(): string;

    /** The longest cut or pitch that is written. */
    public function longest(PartContext $on): Length;

    /** What to write so that no cut or pitch is longer than that. */
    public function shortenedTo(PartContext $on, Length $most): string;

    /** As a remedy says it: "Cut 18 1/2 in each". */
    public function cutTo(string $length): string;

    /**
     * What takes most of a roll in one stretch, and in words what that is.
     *
     * @return array{Length, string}
     */
    public function leastRoll(PartContext $on): array;
}
