<?php

declare(strict_types=1);

namespace Davrin\Core\Anchor;

use Davrin\Core\Blank\KeepsWhatFits;
use Davrin\Core\Blank\NamedBlank;
use Davrin\Core\Blank\OutOfBounds;
use Davrin\Core\Blank\Schema;
use Davrin\Core\Form\Form;
use Davrin\Core\Measure\Units;
use Davrin\Core\Words\Fault;
use Davrin\Core\Words\Refused;

/**
 * Which of some spots were moved by hand, and where to: "2 to 5 in at 120 degrees; 4 to middle".
 *
 * @extends NamedBlank<array<int, FormSpot>>
 */
final readonly class MovedSpotsBlank extends NamedBlank implements KeepsWhatFits
{
    public const NONE = 'none';

    private FormSpotBlank $spot;

    public function __construct(string $key, string $label, Form $form, private int $most)
    {
        parent::__construct($key, $label, []);
        $this->spot = new FormSpotBlank($key, 'a spot', $form, FormSpot::named(FormSpot::MIDDLE));
    }

    public function read(mixed $raw, ?Units $bare): array
    {
        $moved = [];
        foreach ($this->entries($raw) as $entry) {
            [$number, $spot] = $this->entry($entry, is_array($raw) ? null : $bare);
            $moved[$number] = $spot;
        }
        ksort($moved);

        return $moved;
    }

    /** @return array<int, FormSpot> */
    public function keep(mixed $raw): array
    {
        $kept = [];
        foreach (is_array($raw) ? $raw : [] as $entry) {
            try {
                [$number, $spot] = $this->entry($entry, null);
                $kept[$number] = $spot;
            } catch (Refused) {
                // This spot is not there on the form as it is now.
            }
        }
        ksort($kept);

        return $kept;
    }

    /** @return list<string> */
    public function write(mixed $value): array
    {
        return array_map(
            fn (int $number, FormSpot $spot): string => "$number to {$this->spot->write($spot)}",
            array_keys($value),
            $value,
        );
    }

    public function show(mixed $value, Units $units): string
    {
        return $value === [] ? self::NONE : implode('; ', array_map(
            fn (int $number, FormSpot $spot): string => "$number to {$this->spot->show($spot, $units)}",
            array_keys($value),
            $value,
        ));
    }

    public function schema(): array
    {
        return Schema::described(
            $this->label.': "2 to 5 in at 120 degrees"',
            ['type' => 'array', 'items' => Schema::TEXT, 'maxItems' => $this->most],
            [],
        );
    }

    /** @return list<mixed> */
    private function entries(mixed $raw): array
    {
        return match (true) {
            is_array($raw) => array_values($raw),
            is_string($raw) && in_array(mb_strtolower(trim($raw)), ['', self::NONE], true) => [],
            is_string($raw) => preg_split('/\s*;\s*/', trim($raw, " \n\t;")) ?: [],
            default => throw $this->refused(),
        };
    }

    /** @return array{int, FormSpot} */
    private function entry(mixed $entry, ?Units $bare): array
    {
        if (! is_string($entry) || preg_match('/^\s*(\d{1,3})\s+to\s+(.+)$/u', $entry, $found) !== 1) {
            throw $this->refused();
        }
        $number = (int) $found[1];
        if ($number < 1 || $number > $this->most) {
            throw Fault::at('', "There is no number $number to move: they are numbered from 1 to $this->most.");
        }

        return [$number, $this->spot->read($found[2], $bare)];
    }

    private function refused(): OutOfBounds
    {
        return OutOfBounds::kind($this->label, 'numbers and where they go, like "2 to 5 in at 120 degrees; 4 to middle"');
    }
}
