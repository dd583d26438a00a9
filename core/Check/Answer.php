<?php

declare(strict_types=1);

namespace Davrin\Core\Check;

use Davrin\Core\Result\Advice;

/** What was looked at for a question, and what was found. */
final readonly class Answer
{
    /**
     * @param  list<string>  $lookedAt
     * @param  list<Advice>  $found
     */
    public function __construct(public string $asked, public array $lookedAt, public array $found) {}

    public function isWell(): bool
    {
        return $this->found === [];
    }

    /** Whether the plan has something that the question is about. */
    public function isAsked(): bool
    {
        return $this->lookedAt !== [] || $this->found !== [];
    }
}
