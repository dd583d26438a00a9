<?php

declare(strict_types=1);

namespace Davrin\Core\Blank;

use Davrin\Core\Measure\Units;

/** @extends NamedBlank<string> */
final readonly class ChoiceBlank extends NamedBlank
{
    /** @param  array<string, string>  $options words by key */
    public function __construct(string $key, string $label, string $default, private array $options, private bool $ofPlan = false)
    {
        parent::__construct($key, $label, $default);
    }

    /**
     * What can be chosen depends on the rest of the plan, so the schema cannot list it.
     *
     * @param  array<string, string>  $options  words by key
     */
    public static function ofPlan(string $key, string $label, string $default, array $options): self
    {
        return new self($key, $label, $default, $options, true);
    }

    public function read(mixed $raw, ?Units $bare): string
    {
        $given = is_string($raw) || is_int($raw)
            ? (string) $raw
            : throw OutOfBounds::kind($this->label, 'one of '.implode(', ', array_keys($this->options)));

        return array_key_exists($given, $this->options)
            ? $given
            : throw OutOfBounds::choice($this->label, array_map(strval(...), array_keys($this->options)), $given);
    }

    public function write(mixed $value): string
    {
        return $value;
    }

    public function show(mixed $value, Units $units): string
    {
        return $this->options[$value];
    }

    public function options(): array
    {
        return $this->options;
    }

    public function schema(): array
    {
        return Schema::described(
            $this->label,
            $this->ofPlan ? Schema::TEXT : ['enum' => array_map(strval(...), array_keys($this->options))],
            $this->ofPlan ? null : $this->default,
        );
    }
}
