<?php

namespace App\Devices;

use Davrin\Core\Cut\Label;
use Illuminate\Contracts\Cache\Repository;

/** A label printer that is played on a page of its own, where no real one is connected. It remembers what came out of it. */
final readonly class PlayedLabelPrinter implements LabelPrinter
{
    /** Labels on a new roll. */
    public const ROLL = 60;

    private const KEY = 'played-label-printer';

    public function __construct(private Repository $memory) {}

    public function print(array $labels): void
    {
        $strip = $this->strip();
        match (true) {
            $labels === [] => throw PrinterStopped::nothing(),
            ! $this->isOn() => throw PrinterStopped::off(),
            count($labels) > $this->left() => throw PrinterStopped::out(count($labels), $this->left()),
            default => $this->remember([...$strip, ...$labels], $this->left() - count($labels), true),
        };
    }

    /** @return list<Label> what hangs out of it, the first printed first */
    public function strip(): array
    {
        return array_map(fn (array $label): Label => new Label(...$label), $this->memory->get(self::KEY)['strip'] ?? []);
    }

    public function left(): int
    {
        return $this->memory->get(self::KEY)['left'] ?? self::ROLL;
    }

    public function isOn(): bool
    {
        return $this->memory->get(self::KEY)['on'] ?? true;
    }

    public function tearOff(): void
    {
        $this->remember([], $this->left(), $this->isOn());
    }

    public function putIn(int $labels): void
    {
        $this->remember($this->strip(), max(0, min(self::ROLL, $labels)), $this->isOn());
    }

    public function switch(bool $on): void
    {
        $this->remember($this->strip(), $this->left(), $on);
    }

    /** @param  list<Label>  $strip */
    private function remember(array $strip, int $left, bool $on): void
    {
        $this->memory->forever(self::KEY, ['strip' => array_map(get_object_vars(...), $strip), 'left' => $left, 'on' => $on]);
    }
}
