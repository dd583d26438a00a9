<?php

declare(strict_types=1);

namespace Davrin\Core\Bench;

/** One thing that is looked at before a piece is called finished: what is asked, what this piece should show, and what helps where not. */
final readonly class FinalLook
{
    /**
     * @param  string  $key  its own within the piece of work: "1/ties"
     * @param  list<string>  $expected  what this piece should show, a sentence each
     * @param  ?string  $trouble  what went wrong where it does not, by key
     * @param  string  $otherwise  what to do where nothing of the plan is to be changed
     */
    public function __construct(
        public string $key,
        public int $copy,
        public string $asked,
        public array $expected,
        public ?string $trouble,
        public string $otherwise,
    ) {}
}
