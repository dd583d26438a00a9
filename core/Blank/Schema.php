<?php

declare(strict_types=1);

namespace Davrin\Core\Blank;

/** The words of JSON Schema that the blanks share. */
final class Schema
{
    public const LENGTH = ['$ref' => '#/$defs/length'];

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
