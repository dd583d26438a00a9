<?php

declare(strict_types=1);

namespace Davrin\Core\Check;

use Closure;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Result\Advice;
use Davrin\Core\Result\Result;

/** One thing that a careful friend looks at before anything is cut: which warnings answer it, and what there was to be looked at. */
final readonly class Question
{
    /**
     * @param  list<string>  $rules  of the warnings that belong to it
     * @param  Closure(Plan, Result): list<string>  $looksAt  in words; none where the plan has nothing of the kind
     */
    public function __construct(public string $asked, public array $rules, private Closure $looksAt) {}

    /** @param  list<Advice>  $advice */
    public function answer(Plan $plan, Result $result, array $advice): Answer
    {
        return new Answer(
            $this->asked,
            ($this->looksAt)($plan, $result),
            array_values(array_filter($advice, fn (Advice $its): bool => in_array($its->rule, $this->rules, true))),
        );
    }
}
