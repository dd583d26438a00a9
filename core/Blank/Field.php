<?php

declare(strict_types=1);

namespace Davrin\Core\Blank;

/** One field of a blank that is written in several. */
final readonly class Field
{
    /** @param  array<string, string>  $options  words by key; empty where it is typed */
    public function __construct(public string $label, public string $value, public array $options = []) {}
}
