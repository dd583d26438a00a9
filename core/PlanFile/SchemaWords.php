<?php

declare(strict_types=1);

namespace Davrin\Core\PlanFile;

use stdClass;

/** What a schema asks for, in a maker's words and with an example: never by the schema's own terms. */
final class SchemaWords
{
    /** What is shown of something that does not fit. */
    private const SHOWN = 40;

    /** What a description begins with that can be the subject of a sentence. */
    private const SUBJECT = '/^(The|How|What|Which|When|Whether|Where) /';

    /**
     * "The sections that are tied must be "every section" or a list like [1, 2]; "all" is not."
     *
     * @param  list<int|string>  $path  to what is given, in the file
     */
    public static function sentence(mixed $schema, mixed $given, array $path): string
    {
        $schema = $schema instanceof stdClass ? $schema : new stdClass;

        return sprintf('%s must be %s; %s is not.', self::subject($schema, $path), self::wanted($schema), self::shown($given));
    }

    /** @param  list<int|string>  $path */
    private static function subject(stdClass $schema, array $path): string
    {
        $label = explode(':', is_string($schema->description ?? null) ? rtrim($schema->description, '.') : '')[0];
        if (preg_match(self::SUBJECT, $label) === 1) {
            return $label;
        }
        $names = array_values(array_filter($path, is_string(...)));
        $name = $names === [] ? 'the file' : '"'.$names[count($names) - 1].'"';

        return is_int($path[count($path) - 1] ?? '') ? "Each of $name" : ucfirst($name);
    }

    private static function wanted(stdClass $schema): string
    {
        $either = $schema->anyOf ?? $schema->oneOf ?? null;
        if (is_array($either)) {
            return implode(' or ', array_unique(array_map(
                fn (mixed $one): string => $one instanceof stdClass ? self::wanted($one) : 'something else',
                $either,
            )));
        }
        if (property_exists($schema, 'const')) {
            return self::json($schema->const);
        }
        if (is_array($schema->enum ?? null)) {
            return (count($schema->enum) === 1 ? '' : 'one of ').implode(', ', array_map(
                fn (mixed $one): string => is_scalar($one) ? (string) $one : '',
                $schema->enum,
            ));
        }
        $default = $schema->default ?? null;

        return match ($schema->type ?? null) {
            'array' => self::list($schema, $default),
            'object' => 'a group in curly braces, as in {"kind": "..."}',
            'integer' => 'a whole number'.self::bounds($schema),
            'number' => 'a number'.self::bounds($schema),
            'boolean' => 'true or false, without quotes',
            'null' => 'null',
            default => 'a text in quotes, like '.self::json(is_string($default) && $default !== '' ? $default : self::example($schema)),
        };
    }

    private static function list(stdClass $schema, mixed $default): string
    {
        $items = $schema->items ?? null;
        $items = $items instanceof stdClass ? $items : new stdClass;
        $least = is_int($schema->minItems ?? null) ? $schema->minItems : 0;
        $most = is_int($schema->maxItems ?? null) ? $schema->maxItems : 0;
        $one = match ($items->type ?? null) {
            'integer' => 1,
            'object' => null,
            default => self::example($items),
        };
        $like = match (true) {
            is_array($default) && $default !== [] => self::json($default),
            $one === null => '[{...}, {...}]',
            default => self::json(is_int($one) ? [1, 2] : [$one, $one]),
        };

        return 'a list'.($most > 0 ? " of $least to $most" : '').' in square brackets, like '.$like;
    }

    private static function bounds(stdClass $schema): string
    {
        [$least, $most] = [$schema->minimum ?? null, $schema->maximum ?? null];

        return is_numeric($least) && is_numeric($most) ? " from $least to $most, without quotes" : ', without quotes';
    }

    private static function example(stdClass $schema): string
    {
        $pattern = is_string($schema->pattern ?? null) ? $schema->pattern : '';

        return match (true) {
            is_array($schema->examples ?? null) && is_string($schema->examples[0] ?? null) => $schema->examples[0],
            isset($schema->{'$ref'}) => '10 in',
            str_contains($pattern, '%') => '1 %',
            str_contains($pattern, '{1,2}') => '6.50',
            str_contains($pattern, '#') => '#7f9a76',
            str_contains($pattern, 'a-z') => 'l1',
            default => '...',
        };
    }

    private static function shown(mixed $given): string
    {
        if (is_array($given)) {
            return 'a list of '.count($given);
        }
        $text = $given instanceof stdClass ? 'a group in curly braces' : self::json($given);

        return mb_strlen($text) > self::SHOWN ? mb_substr($text, 0, self::SHOWN).' ...' : $text;
    }

    private static function json(mixed $value): string
    {
        $text = (string) json_encode($value, JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_INVALID_UTF8_SUBSTITUTE);

        return (string) preg_replace('/,(?=["\[{\d-])/', ', ', $text);
    }
}
