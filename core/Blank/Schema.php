<?php

declare(strict_types=1);

namespace Davrin\Core\Blank;

/** The words of JSON Schema that the blanks share. */
final class Schema
{
    public const DRAFT = 'https://json-schema.org/draft/2020-12/schema';

    public const LENGTH = ['$ref' => '#/$defs/length'];

    /** What stands under $defs for it. */
    public const LENGTH_DEFINITION = [
        'description' => 'A length with its unit, such as "18 1/2 in", "10 yd" or "47 cm". Kept to 1/32 in or to 1 mm.',
        'type' => 'string', 'minLength' => 1, 'maxLength' => 40,
        'examples' => ['10 in'],
    ];

    public const TEXT = ['type' => 'string', 'minLength' => 1, 'maxLength' => 80];

    /**
     * A text like this one.
     *
     * @return array<string, mixed>
     */
    public static function textLike(string $example): array
    {
        return self::TEXT + ['examples' => [$example]];
    }

    /**
     * @param  array<string, mixed>  $schema
     * @return array<string, mixed>
     */
    public static function described(string $label, array $schema, mixed $default): array
    {
        return ['description' => ucfirst(rtrim($label, ',')).'.', ...$schema, ...($default === null ? [] : ['default' => $default])];
    }
}
