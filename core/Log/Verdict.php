<?php

declare(strict_types=1);

namespace Davrin\Core\Log;

/** What a maker says of how full a finished piece looks. */
enum Verdict: string
{
    case Unsaid = 'not said';
    case Thin = 'thin';
    case Usual = 'usual';
    case VeryFull = 'very full';

    /** @return array<string, string> as choices */
    public static function choices(): array
    {
        return [
            self::Unsaid->value => 'as nobody said',
            self::Thin->value => 'thin: the form shows',
            self::Usual->value => 'just right',
            self::VeryFull->value => 'very full, more than it needs',
        ];
    }
}
