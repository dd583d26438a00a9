<?php

declare(strict_types=1);

namespace Davrin\Core;

use Davrin\Core\Form\FormKind;
use Davrin\Core\Form\WireRingKind;
use Davrin\Core\Technique\PoofRun;
use Davrin\Core\Technique\Ruffle;
use Davrin\Core\Technique\Technique;
use Davrin\Core\Ties\InnerMidTwoOuter;
use Davrin\Core\Ties\NASection;
use Davrin\Core\Ties\TieLayout;

/** Everything the craft knows of one kind, each under its key. The one place where a form, a layout or a technique is registered. */
final readonly class Craft
{
    /**
     * @param  array<string, FormKind>  $forms
     * @param  array<string, TieLayout>  $layouts
     * @param  array<string, Technique>  $techniques
     */
    private function __construct(public array $forms, public array $layouts, public array $techniques) {}

    public static function standard(): self
    {
        return new self(
            self::byKey(new WireRingKind),
            self::byKey(new InnerMidTwoOuter, new NASection),
            self::byKey(new Ruffle, new PoofRun),
        );
    }

    /**
     * @template K of FormKind|TieLayout|Technique
     *
     * @param  K  ...$kinds
     * @return array<string, K>
     */
    private static function byKey(FormKind|TieLayout|Technique ...$kinds): array
    {
        $byKey = [];
        foreach ($kinds as $kind) {
            $byKey[$kind->key()] = $kind;
        }

        return $byKey;
    }
}
