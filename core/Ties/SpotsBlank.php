<?php

declare(strict_types=1);

namespace Davrin\Core\Ties;

use Davrin\Core\Blank\KeepsWhatFits;
use Davrin\Core\Blank\NamedBlank;
use Davrin\Core\Blank\OutOfBounds;
use Davrin\Core\Blank\Schema;
use Davrin\Core\Form\Form;
use Davrin\Core\Form\Seat;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\LengthText;
use Davrin\Core\Measure\Units;
use Davrin\Core\Words\Refused;

/**
 * Places of ties, one by one: what each goes round and how far from where the count begins. "1-2: 3 1/2 in; 3: 20 in;
 * crossbar 2: 1 in".
 *
 * @extends NamedBlank<list<Spot>>
 */
final readonly class SpotsBlank extends NamedBlank implements KeepsWhatFits
{
    public const KEY = 'spots';

    /** So many are shown as they are; of more only how many. */
    private const SHOWN = 4;

    private function __construct(private Form $form)
    {
        parent::__construct(self::KEY, 'the places of the ties', [new Spot($form->frame->pairs()[0] ?? $form->frame->seats()[0], 0.0)]);
    }

    public static function on(Form $form): self
    {
        return new self($form);
    }

    public function read(mixed $raw, ?Units $bare): array
    {
        $parts = $this->parts($raw);
        if ($parts === [] || count($parts) > Ties::MOST) {
            throw OutOfBounds::spots($this->label, Ties::MOST);
        }

        return array_map(fn (mixed $part): Spot => $this->spot(is_string($part) ? $part : '', is_array($raw) ? null : $bare), $parts);
    }

    /** @return list<Spot> */
    public function keep(mixed $raw): array
    {
        $kept = [];
        foreach ($this->parts($raw) as $part) {
            try {
                $kept[] = $this->spot(is_string($part) ? $part : '', null);
            } catch (Refused) {
                // This one has no place on the form as it is now.
            }
        }

        return $kept === [] ? $this->default : $kept;
    }

    public function write(mixed $value): array
    {
        return array_map(fn (Spot $spot): string => $spot->seat->key().': '.LengthText::canonical(self::length($spot)), $value);
    }

    public function show(mixed $value, Units $units): string
    {
        return count($value) > self::SHOWN
            ? count($value).' ties'
            : implode('; ', array_map(fn (Spot $spot): string => $spot->seat->key().': '.$units->exact(self::length($spot)), $value));
    }

    public function schema(): array
    {
        return Schema::described(
            $this->label,
            ['type' => 'array', 'items' => Schema::TEXT, 'minItems' => 1, 'maxItems' => Ties::MOST],
            null,
        );
    }

    /** @return list<mixed> */
    private function parts(mixed $raw): array
    {
        return match (true) {
            is_array($raw) => array_values($raw),
            is_string($raw) => preg_split('/\s*[;,]\s*/', trim($raw, " \n\t,;")) ?: [],
            default => [],
        };
    }

    private function spot(string $part, ?Units $bare): Spot
    {
        [$key, $distance] = [...explode(':', $part, 2), ''];
        $seat = Seat::read(trim($key)) ?? throw OutOfBounds::spots($this->label, Ties::MOST);
        if (! $this->form->frame->has($seat)) {
            throw OutOfBounds::noSeat($seat->key(), array_map(fn (Seat $seat): string => $seat->key(), $this->form->frame->seats()));
        }
        $length = LengthText::read($distance, $bare);
        $most = Length::nearInches($this->form->length($seat));
        if ($length->isNegative() || $length->isMoreThan($most)) {
            $units = $bare ?? Units::Inches;
            throw OutOfBounds::between(
                'the place of a tie on '.$this->form->names->of($seat),
                $units->exact(Length::zero()),
                $units->available($most),
                $units->exact($length),
            );
        }

        return new Spot($seat, $length->toInches());
    }

    private static function length(Spot $spot): Length
    {
        return Length::nearInches($spot->distance);
    }
}
