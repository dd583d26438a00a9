<?php

namespace App\Http\Requests;

use App\Drawing\Side;
use App\Models\SavedPlan;
use App\Plans\Place;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\LengthText;
use Davrin\Core\Measure\Units;
use Davrin\Core\Words\ColourNames;
use Davrin\Core\Words\Refused;
use Illuminate\Foundation\Http\FormRequest;

/** The door, the window or the wall that a piece is looked at on. What cannot be read stays as it was typed, and the usual is shown. */
final class DoorRequest extends FormRequest
{
    private const COLOUR = 'teal';

    private const LEAST = 6;

    private const MOST = 360;

    /** @var array<string, string> what is wrong, by the field */
    private array $problems = [];

    public function side(): Side
    {
        return Side::tryFrom($this->typed('side')) ?? Side::Front;
    }

    public function on(): string
    {
        return isset(Place::choices()[$this->typed('on')]) ? $this->typed('on') : Place::DOOR;
    }

    public function place(): Place
    {
        $colour = ColourNames::colour($this->typed('colour'));
        if ($colour === null && $this->typed('colour') !== '') {
            $this->problems['colour'] = 'This is no colour Davrin knows by name. Choose one of those that are offered.';
        }

        return new Place(
            $this->on(),
            $this->length('wide') ?? Place::usualWide($this->on()),
            $this->length('high') ?? Place::usualHigh($this->on()),
            $colour ?? (string) ColourNames::colour(self::COLOUR),
            $this->length('hook'),
        );
    }

    /** @return array<string, string> */
    public function problems(): array
    {
        return $this->problems;
    }

    public function typed(string $field): string
    {
        $typed = $this->query($field);

        return is_string($typed) ? mb_substr(trim($typed), 0, 40) : '';
    }

    public function colourName(): string
    {
        return ColourNames::colour($this->typed('colour')) === null ? self::COLOUR : mb_strtolower($this->typed('colour'));
    }

    public function units(): Units
    {
        /** @var SavedPlan $plan */
        $plan = $this->route('plan');

        return $plan->plan()->units();
    }

    private function length(string $field): ?Length
    {
        if ($this->typed($field) === '') {
            return null;
        }
        try {
            $length = LengthText::read($this->typed($field), $this->units());
        } catch (Refused $refused) {
            $this->problems[$field] = $refused->getMessage();

            return null;
        }
        if ($length->isLessThan(Length::inches(self::LEAST)) || $length->isMoreThan(Length::inches(self::MOST))) {
            $this->problems[$field] = sprintf(
                'It can be %s to %s here, and %s is not.',
                $this->units()->exact(Length::inches(self::LEAST)),
                $this->units()->exact(Length::inches(self::MOST)),
                $this->units()->exact($length),
            );

            return null;
        }

        return $length;
    }
}
